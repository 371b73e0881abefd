/** What the settings mean on a dip of the supply: threshold, trip delay, hysteresis and reset delay, drawn once. */
export function DelayPicture() {
  return (
    <svg
      viewBox="0 0 420 128"
      width="100%"
      role="img"
      aria-label="A dip below U less-than: after the trip delay the output drops out; above U less-than plus hysteresis the reset delay runs, then the output picks up again."
      style={{ maxWidth: 460, display: 'block' }}
    >
      <g fill="none" stroke="var(--line-strong)" strokeDasharray="4 4">
        <path d="M0 50H420" />
        <path d="M0 36H420" />
      </g>
      <path d="M0 20H90L104 66H214L240 20H420" fill="none" stroke="var(--ink)" strokeWidth="2" />
      <path d="M0 92H168V112H318V92H420" fill="none" stroke="var(--copper)" strokeWidth="2" />
      <g stroke="var(--muted)">
        <path d="M100 74V116M168 74V92M231 30V116M318 74V92" strokeDasharray="2 3" />
        <path d="M100 80H168M231 80H318" />
      </g>
      <g fontSize="11" fill="var(--muted)">
        <text x="4" y="62">
          U&lt;
        </text>
        <text x="4" y="33">
          U&lt; + hysteresis
        </text>
        <text x="104" y="77">
          trip delay
        </text>
        <text x="240" y="77">
          reset delay
        </text>
        <text x="4" y="88">
          output
        </text>
      </g>
    </svg>
  );
}
