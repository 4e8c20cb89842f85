/** Preparations of the house: kept once, taken by many soups. A soup holds its own copy; changing one here changes no soup. Knows no HTTP. */
import type { Knex } from 'knex';
import type { PreparationBody } from '../../contract/types.ts';
import { preparationReader, preparationWriter } from '../repositories/preparations.ts';
import { type ByRevision, keptByRevision } from './byRevision.ts';
import type { Clock } from './kitchen.ts';

export type NewPreparation = Omit<PreparationBody, 'id' | 'revision' | 'updatedAt'>;
export type Preparations = ByRevision<PreparationBody, NewPreparation>;

export const makePreparations = (db: Knex, clock: Clock): Preparations =>
  keptByRevision('preparation', db, clock, { reader: preparationReader, writer: preparationWriter });
