/** A drawing of the idea: work frozen day by day, running down to clear water at the finish line. */
export function ThawPicture() {
  const heights = [150, 143, 138, 120, 117, 98, 90, 71, 66, 44, 30, 18, 8, 0];
  const step = 480 / (heights.length - 1);
  const points = heights.map((height, i) => `${(i * step).toFixed(1)},${170 - height}`);
  return (
    <svg
      viewBox="-6 0 502 190"
      role="img"
      aria-label="Hours of work melting away, day by day, down to the finish line"
      style={{ width: '100%', maxWidth: 560 }}
    >
      <defs>
        <pattern id="frost" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(38)">
          <line x1="0" y1="0" x2="0" y2="9" stroke="var(--colors-ice-edge)" strokeWidth="1.2" opacity="0.6" />
        </pattern>
      </defs>
      <rect x="0" y="10" width="480" height="160" fill="var(--colors-water-soft)" />
      <polygon points={`0,170 ${points.join(' ')} 480,170`} fill="var(--colors-ice)" />
      <polygon points={`0,170 ${points.join(' ')} 480,170`} fill="url(#frost)" />
      <polyline
        points={points.join(' ')}
        fill="none"
        stroke="var(--colors-water)"
        strokeWidth="4"
        strokeLinejoin="round"
      />
      <circle cx="480" cy="170" r="12" fill="var(--colors-sun)" />
      <line x1="-6" x2="486" y1="170" y2="170" stroke="var(--colors-water)" strokeWidth="2" />
    </svg>
  );
}
