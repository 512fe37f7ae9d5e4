/**
 * A function that works out its answer once for each object, and keeps it as long as the object lives. The object must not
 * change afterwards.
 *
 * @param workOut the answer for an object
 * @returns the same function, with its answers kept
 * @example const sizeOf = keptPerObject((list: readonly number[]) => list.length)
 */
export function keptPerObject<K extends object, T>(workOut: (of: K) => T): (of: K) => T {
  const answers = new WeakMap<K, { answer: T }>();
  return (of) => {
    const known = answers.get(of);
    if (known) return known.answer;
    const answer = workOut(of);
    answers.set(of, { answer });
    return answer;
  };
}

/**
 * Answers kept by an object and a key, as long as the object lives.
 *
 * @returns a function that looks up an answer and works it out the first time
 * @example keptPerKey<object, number>()(panel, 'spaces', () => 42) // 42
 */
export function keptPerKey<K extends object, T>(): (of: K, key: string | number, workOut: () => T) => T {
  const answersOf = keptPerObject((_of: K) => new Map<string | number, T>());
  return (of, key, workOut) => {
    const answers = answersOf(of);
    const known = answers.get(key);
    if (known !== undefined) return known;
    const answer = workOut();
    answers.set(key, answer);
    return answer;
  };
}

/**
 * The latest answers by a key. The oldest is dropped once there are too many.
 *
 * @param most number of answers that are kept
 * @returns a function that looks up an answer and works it out the first time
 * @example keptLatest<number>(100)('2 + 2', () => 4) // 4
 */
export function keptLatest<T>(most: number): (key: string, workOut: () => T) => T {
  const answers = new Map<string, T>();
  return (key, workOut) => {
    const known = answers.get(key);
    if (known !== undefined) return known;
    const answer = workOut();
    if (answers.size >= most) answers.delete(answers.keys().next().value!);
    answers.set(key, answer);
    return answer;
  };
}
