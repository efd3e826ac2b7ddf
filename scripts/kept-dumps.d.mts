export declare const dumpsFolder: (root: string) => string
export declare const nameOfDump: (kind: string, at?: Date) => string
export declare const dumpOfDay: (root: string, url: string, now?: Date) => Promise<string | undefined>
