/** What was asked for, as the proxy tells the pages: a page that turns somebody away leads back to itself. */
export const ASKED_HEADER = "x-infusing-asked";
