/**
 * A working with faulty decisions that can't go on: nothing is left to borrow from, a count falls below zero.
 * Sound decisions never come to it. Thrown deep in a procedure, and caught where a faulty one is begun.
 */
export class Stuck extends RangeError {}
