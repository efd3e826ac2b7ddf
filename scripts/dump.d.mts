export declare class DumpFailed extends Error {}
export declare const makeDump: (
  url: string,
  file: string,
) => Promise<{ readonly bytes: number; readonly tables: number; readonly rows: number }>
export declare const putDump: (url: string, file: string) => Promise<void>
