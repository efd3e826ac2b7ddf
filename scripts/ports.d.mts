export declare const isFree: (port: number) => Promise<boolean>
export declare const freePort: (first: number) => Promise<number>
