/** Numbers from 0 to 1 that are the same in every run. */
export function steadyNumbers(seed = 1): () => number {
  let state = seed;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return state / 4_294_967_296;
  };
}
