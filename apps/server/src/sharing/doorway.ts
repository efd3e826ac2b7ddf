/** By which name a door may be asked, and what the pages of this server call themselves behind it. */
export interface Doorway {
  admits(host: string): boolean
  readonly scheme: 'http' | 'https'
}
