/** One thing that is timed. */
export interface Measure {
  name: string;
  /** Of the median, and of 95 in a hundred. */
  goal?: number;
  goal95?: number;
  unit: 'ms';
  samples: number[];
  extra?: string;
}
