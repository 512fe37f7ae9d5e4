export const visit = 'Visit';
export const back = 'Back';
export const report = 'Report';
export const checkTheReportBeforeYouPrint = 'Check the report before you print or send it.';
export const reportPdf = 'Report (PDF)';
export const printThisPage = 'Print this page';
export const dataJson = 'Data (JSON)';
export const pricesAndRemark = 'Prices and remark';
export const inTheReport = 'In the report';
export const savePricesAndRemark = 'Save prices and remark';
export const enterAPriceUnderEachFinding =
  'Enter a price under each finding below. Findings without a price are printed without one. A price applies as long as the finding does not change.';
export const currency = 'Currency';
export const toTheCustomer = 'To the customer';
export const openingRemark = 'Opening remark';
export const priceIn = (currency: string) => `Price, ${currency}`;
export const enterAPriceFrom0To = 'Enter a price from 0 to 1,000,000.';
export const findingsByNumber = 'findings by their number';
export const finding = (n: number) => `No. ${n}`;
