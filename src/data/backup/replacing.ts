/** Whether the whole of the data is being replaced; held outside the module for reloaded code. */
const held = globalThis as { rightSumReplacing?: "preparing" | "holding" };

/** A write that came while the data was being replaced: it is tried again, on what stands there then. */
class BeingReplaced extends Error {
  readonly code = "RIGHT_SUM_BEING_REPLACED";
}

/** Writes nothing while the data is being replaced: it would be acknowledged, and be in neither. */
export function refuseWhileReplaced(): void {
  if (held.rightSumReplacing === "holding") throw new BeingReplaced("the data is being replaced");
}

/**
 * Does something that ends in another file in the place of the data; none where that is under way already. `hold` is
 * called when all writes are to wait for what comes of it.
 */
export async function replacing<Value>(
  act: (hold: () => void) => Promise<Value>,
): Promise<Value | undefined> {
  if (held.rightSumReplacing !== undefined) return undefined;
  held.rightSumReplacing = "preparing";
  try {
    return await act(() => {
      held.rightSumReplacing = "holding";
    });
  } finally {
    delete held.rightSumReplacing;
  }
}
