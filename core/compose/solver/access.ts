/**
 * Entries of the tables of the inner loops, whose indices are known to be within. One function a kind of table: a shared
 * one sees them all, and the engine then reads every entry the slow way (measured: two and a half times as long).
 */
export const float = (table: Float64Array, index: number): number => table[index] as number;
export const int32 = (table: Int32Array, index: number): number => table[index] as number;
export const int16 = (table: Int16Array, index: number): number => table[index] as number;
export const int8 = (table: Uint8Array, index: number): number => table[index] as number;
export const num = (list: readonly number[], index: number): number => list[index] as number;
export const pick = <Entry>(list: readonly Entry[], index: number): Entry => list[index] as Entry;
