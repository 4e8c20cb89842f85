/** Groups of guests: kept by seat, changed by revision. Knows no HTTP. */
import type { Knex } from 'knex';
import type { GroupBody, NewGroup } from '../../contract/types.ts';
import { groupReader, groupWriter } from '../repositories/groups.ts';
import { type ByRevision, keptByRevision } from './byRevision.ts';
import type { Clock } from './kitchen.ts';

export type Groups = ByRevision<GroupBody, NewGroup>;

export const makeGroups = (db: Knex, clock: Clock): Groups => keptByRevision('group', db, clock, { reader: groupReader, writer: groupWriter });
