export * from './buildUp';
export * from './coverage';
export * from './form';
export * from './glazes';
export * from './ground';
export * from './paint';
