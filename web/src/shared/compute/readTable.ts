/** The lines of a CSV table, each a list of cells. */
export async function readTable(file: File): Promise<string[][]> {
  const { default: Papa } = await import('papaparse');
  const { data } = Papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' });
  return data;
}
