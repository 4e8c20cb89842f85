/** Every problem the API can answer with, in one table. `code` never changes its meaning. */
export const PROBLEMS = {
  'json.malformed': { status: 400, title: 'The body is not JSON' },
  'body.unknownKey': { status: 400, title: 'A key is not known' },
  'body.wrongType': { status: 400, title: 'A value has the wrong type' },
  'body.missing': { status: 400, title: 'A key is missing' },
  'query.invalid': { status: 400, title: 'The query is not valid' },
  'host.refused': { status: 403, title: 'Host or origin refused' },
  notFound: { status: 404, title: 'Not found' },
  'method.notAllowed': { status: 405, title: 'Method not allowed' },
  'revision.stale': { status: 409, title: 'Someone saved in between' },
  'body.tooLarge': { status: 413, title: 'The body is over 1,000,000 bytes' },
  'media.unsupported': { status: 415, title: 'Send application/json' },
  'value.tooSmall': { status: 422, title: 'A value is too small' },
  'value.tooLarge': { status: 422, title: 'A value is too large' },
  'value.notAllowed': { status: 422, title: 'A value is not one of those allowed' },
  'value.empty': { status: 422, title: 'A value is empty' },
  'recipe.tooManyLines': { status: 422, title: 'Too many lines or steps, or no line' },
  'recipe.duplicateId': { status: 422, title: 'An id stands twice' },
  'recipe.unknownFood': { status: 422, title: 'No such food' },
  'recipe.unknownParent': { status: 422, title: 'No such line to be part of' },
  'recipe.partOfPart': { status: 422, title: 'A part is divided again' },
  'recipe.partsDoNotAddUp': { status: 422, title: 'Parts do not add up' },
  'recipe.choiceNotOne': { status: 422, title: 'A choice needs exactly one chosen line' },
  'recipe.perBowlStage': { status: 422, title: 'Per bowl only in the bowl or on the plate' },
  'recipe.unknownLine': { status: 422, title: 'No such line' },
  'recipe.unknownPreparation': { status: 422, title: 'No such preparation' },
  'recipe.emptyPreparation': { status: 422, title: 'A preparation has no lines' },
  'recipe.preparationInItself': { status: 422, title: 'A preparation is made of itself' },
  'recipe.foodAndPreparation': { status: 422, title: 'A line is of a food or of a preparation' },
  'grams.order': { status: 422, title: 'Grams out of order' },
  'amount.order': { status: 422, title: 'Amount out of order' },
  'minutes.order': { status: 422, title: 'Minutes out of order' },
  'needs.limitOrder': { status: 422, title: 'A minimum is above its maximum' },
  'needs.limitEmpty': { status: 422, title: 'A limit needs a minimum or a maximum' },
  'needs.unknownLine': { status: 422, title: 'No such line to keep' },
  'needs.unknownFood': { status: 422, title: 'No such food' },
  'label.partTooLarge': { status: 422, title: 'A part is larger than its whole' },
  'read.empty': { status: 422, title: 'There is no text to read' },
  'read.tooLong': { status: 422, title: 'The text takes too long to read' },
  'label.impossible': { status: 422, title: 'No food can be worked out from this label' },
  'value.notADay': { status: 422, title: 'A day is not one of the calendar, or out of range' },
  'value.notAnInstant': { status: 422, title: 'A time is not one' },
  'batch.unknown': { status: 422, title: 'An entry names what the batch has not' },
  'batch.entryDiffers': { status: 409, title: 'An entry with this id says something else' },
  'group.seat': { status: 422, title: 'A seat is a code and nothing by which somebody is known' },
  'round.unknown': { status: 404, title: 'There is no such round' },
  'answer.unread': { status: 422, title: 'The answer cannot be read' },
  'learner.unknown': { status: 404, title: 'There is no such learner' },
  'spread.noPrices': { status: 422, title: 'This kitchen has no prices' },
  'plan.cannot': { status: 422, title: 'The kitchen lacks what a step needs' },
  'version.unreadable': { status: 500, title: 'A kept version cannot be read' },
  'server.error': { status: 500, title: 'Something went wrong here' },
  'server.busy': { status: 503, title: 'Busy or shutting down' },
  'storage.locked': { status: 503, title: 'Another program holds the database' },
  'storage.full': { status: 507, title: 'The disk is full' },
} as const;

export type ProblemCode = keyof typeof PROBLEMS;

export interface ProblemError {
  /** JSON Pointer into the body. */
  path: string;
  code: ProblemCode;
  message: string;
}

/** `application/problem+json`, after RFC 9457. */
export interface ProblemBody {
  type: string;
  title: string;
  status: number;
  code: ProblemCode;
  detail: string;
  errors?: ProblemError[];
  current?: unknown;
}

/** A refusal on its way to the client. */
export class Problem extends Error {
  readonly code: ProblemCode;
  readonly errors: ProblemError[] | undefined;
  readonly current: unknown;

  constructor(code: ProblemCode, detail: string, more: { errors?: ProblemError[]; current?: unknown } = {}) {
    super(detail);
    this.name = 'Problem';
    this.code = code;
    this.errors = more.errors;
    this.current = more.current;
  }

  get status(): number {
    return PROBLEMS[this.code].status;
  }

  toBody(): ProblemBody {
    const { title, status } = PROBLEMS[this.code];
    return {
      type: `/problems/${this.code}`,
      title,
      status,
      code: this.code,
      detail: this.message,
      ...(this.errors ? { errors: this.errors } : {}),
      ...(this.current === undefined ? {} : { current: this.current }),
    };
  }
}
