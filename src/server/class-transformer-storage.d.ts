/** The package keeps this file out of its types. */
declare module "class-transformer/cjs/storage.js" {
  export const defaultMetadataStorage: object;
}
