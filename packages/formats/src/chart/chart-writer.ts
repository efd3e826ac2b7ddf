/** What writes a wall chart as PDF, fetched when it is asked for. */
export const chartWriter = async () => (await import('./write-chart-pdf.js')).writeChartPdf
