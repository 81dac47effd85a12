declare module "newton-raphson-method" {
  export default function newton(
    f: (x: number) => number,
    start: number,
    options?: { readonly tolerance?: number; readonly maxIterations?: number },
  ): number | false;
}
