/** The address of a sheet on the shelf in a station, the Rule station unless said otherwise. */
export const sheetLink = (id: string, station = '/rule'): string =>
  `${station}?sheet=${encodeURIComponent(id)}`;
