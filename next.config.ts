import type { NextConfig } from "next";

/** The strict content policy carries a nonce and is set by the proxy. */
const config: NextConfig = {
  serverExternalPackages: ["knex", "mysql2"],
  poweredByHeader: false,
  env: { INFUSING_BUILD: process.env.INFUSING_BUILD ?? "unbuilt" },
  devIndicators: false,
  // ./run test checks the types of everything; a start does not do it again.
  typescript: { ignoreBuildErrors: true },
  headers: async () => [
    {
      source: "/:path*",
      headers: [
        { key: "X-Content-Type-Options", value: "nosniff" },
        { key: "X-Frame-Options", value: "DENY" },
        { key: "Referrer-Policy", value: "same-origin" },
        { key: "Cross-Origin-Opener-Policy", value: "same-origin" },
        { key: "Cross-Origin-Resource-Policy", value: "same-origin" },
        { key: "Permissions-Policy", value: "camera=(), microphone=(), geolocation=(), payment=(), usb=()" },
      ],
    },
  ],
};

export default config;
