/** Spans of time in milliseconds, which is how moments are kept. Days are of 24 hours, whatever clocks do. */
export const minutes = (count: number): number => count * 60_000;
export const inMinutes = (span_ms: number): number => span_ms / minutes(1);
export const hours = (count: number): number => minutes(count * 60);
export const days = (count: number): number => hours(count * 24);
export const inDays = (span_ms: number): number => span_ms / days(1);
