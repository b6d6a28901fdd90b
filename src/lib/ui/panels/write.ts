/** Lengths and weights as fields show them. */
export { writeLength, writeMass } from '$core/table/write-cell';
