import * as messages from './messages.ts';

/** The device, the authority it is told to know, and the server that the authority vouches for. */
export const TrustDrawing = () => (
  <svg
    viewBox="0 0 360 110"
    role="img"
    aria-label={messages.chainDrawing}
    className="w-full max-w-md fill-none stroke-current text-ink"
    strokeWidth="2"
  >
    <rect x="20" y="12" width="40" height="70" rx="6" />
    <path d="M34 74h12" />
    <path d="M160 18h40v44h-40z M168 30h24 M168 38h24" />
    <circle cx="180" cy="58" r="11" className="fill-bone" />
    <path d="m175 58 4 4 7-8 M174 68l-3 14 9-5 9 5-3-14" />
    <rect x="292" y="22" width="56" height="24" />
    <rect x="292" y="50" width="56" height="24" />
    <path d="M300 34h20 M300 62h20 M338 34h2 M338 62h2" strokeWidth="3" />
    <path d="M72 46h74 M138 40l8 6-8 6 M212 46h66 M270 40l8 6-8 6" />
    <g className="fill-current stroke-none text-sm" textAnchor="middle">
      <text x="40" y="103">
        {messages.yourDevice}
      </text>
      <text x="180" y="103">
        {messages.authority}
      </text>
      <text x="320" y="103">
        {messages.thisServer}
      </text>
    </g>
  </svg>
);
