/** Changes whenever a food row, a retention factor or a calculation rule changes a figure. */
export const DATA_VERSION = '2026-11-25.1';
