import type { TrustWords } from '../trust-words.js'

export const trusting: TrustWords = {
  title: 'So that the device trusts this address',
  text: 'The workshop vouches for its own address, which no browser knows of. Without this each device warns once, and nothing can be kept for times without a connection. The certificate is offered on the page where the code is typed; it can vouch for addresses of home networks and for nothing else. Menus differ from one device to the next.',
  on: {
    phone: {
      what: 'Phones that come with an app store of many makers',
      how: 'Fetch the certificate, then Settings, Security, Encryption and credentials, Install a certificate, CA certificate, and choose the file.',
    },
    tablet: {
      what: 'Phones and tablets that ask for a profile',
      how: 'Fetch the certificate and allow the profile; Settings, General, VPN and device management, install it; then Settings, General, About, Certificate trust settings, and switch it on.',
    },
    computer: {
      what: 'Computers',
      how: 'Open the file and put it among the trusted root certificates of this user.',
    },
    browser: {
      what: 'Browsers with a list of their own',
      how: 'Settings, search for certificates, Authorities, Import, and trust it for websites.',
    },
  },
  fingerprint: 'Compare before you trust it. SHA-256:',
}
