/** The package keeps this file out of its types. */
declare module "class-transformer/cjs/storage.js" {
  import type { IOptions } from "class-validator-jsonschema";
  export const defaultMetadataStorage: NonNullable<IOptions["classTransformerMetadataStorage"]>;
}
