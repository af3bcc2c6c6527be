import { type NextRequest, NextResponse } from "next/server";

/**
 * Safe headers on every answer: scripts only with this request's nonce, nothing from anywhere else,
 * no framing. A write that comes from another site's page is refused.
 */
export function proxy(request: NextRequest): NextResponse {
  const origin = request.headers.get("origin");
  const host = request.headers.get("host");
  const reads = request.method === "GET" || request.method === "HEAD";
  const own = origin === null || (URL.canParse(origin) && new URL(origin).host === host);
  if (!reads && !own) {
    return NextResponse.json(
      { error: { code: "otherSite", message: "This can only be changed from Right Sum itself." } },
      { status: 403 },
    );
  }
  const nonce = Buffer.from(crypto.randomUUID()).toString("base64");
  const development = process.env.NODE_ENV === "development";
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ""}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");
  const headers = new Headers(request.headers);
  headers.set("content-security-policy", policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("content-security-policy", policy);
  response.headers.set("x-content-type-options", "nosniff");
  response.headers.set("referrer-policy", "same-origin");
  response.headers.set("x-frame-options", "DENY");
  response.headers.set("cross-origin-opener-policy", "same-origin");
  response.headers.set("permissions-policy", "camera=(), microphone=(), geolocation=()");
  return response;
}

export const config = { matcher: ["/((?!_next/static|icon.svg).*)"] };
