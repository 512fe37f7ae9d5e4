/**
 * A function that keeps its latest answers. The oldest is forgotten once there are too many.
 *
 * @param most so many answers are kept
 * @returns the answer kept for a key; the first time, the one worked out
 * @example remembered<number>(100)('2 + 2', () => 4) // 4
 */
export function remembered<T>(most: number): (key: string, workOut: () => T) => T {
  const answers = new Map<string, T>();
  return (key, workOut) => {
    const known = answers.get(key);
    if (known !== undefined) return known;
    const made = workOut();
    if (answers.size >= most) answers.delete(answers.keys().next().value!);
    answers.set(key, made);
    return made;
  };
}
