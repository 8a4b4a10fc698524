import { INK, SOFT_INK } from './DeskPatterns';

export function BuzzerDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <circle r="20" fill="#3A4247" stroke={INK} strokeWidth="1.2" />
      <circle r="4" fill="#F1ECE2" />
      {running ? (
        <path
          d="M26 -14 A30 30 0 0 1 26 14 M33 -20 A42 42 0 0 1 33 20"
          fill="none"
          stroke={SOFT_INK}
          strokeWidth="2"
        />
      ) : null}
      <path d="M-7 20 L-7 40 M7 20 L7 34" stroke={INK} strokeWidth="2" />
    </g>
  );
}

export function TimerDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <circle r="24" fill="#F1ECE2" stroke={INK} strokeWidth="1.6" />
      <rect x="-16" y="-9" width="32" height="16" rx="2" fill="#CBD5C0" />
      {running ? (
        <text y="4" fontSize="12" fontWeight="700" textAnchor="middle" fill="#20292E">
          3:00
        </text>
      ) : null}
      <path d="M0 -24 V-30 M-5 -30 H5" stroke={INK} strokeWidth="3" />
    </g>
  );
}

export function CalculatorDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <rect
        x="-22"
        y="-30"
        width="44"
        height="60"
        rx="4"
        fill="#3A4247"
        stroke={INK}
        strokeWidth="1.2"
      />
      <rect x="-17" y="-25" width="34" height="13" rx="2" fill="#CBD5C0" />
      {running ? (
        <text x="14" y="-15" fontSize="11" fontWeight="700" textAnchor="end" fill="#20292E">
          42
        </text>
      ) : null}
      {[-4, 6, 16].flatMap((y) =>
        [-15, -5, 5].map((x) => (
          <rect key={`${x} ${y}`} x={x} y={y} width="8" height="7" rx="1" fill="#E7D3A8" />
        )),
      )}
    </g>
  );
}

export function MelodyDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <rect
        x="-26"
        y="-12"
        width="36"
        height="24"
        rx="2"
        fill="#2F6F4A"
        stroke={INK}
        strokeWidth="1.2"
      />
      <circle cx="-8" r="7" fill="#20292E" />
      <path d="M-22 12 V20 M-12 12 V20 M12 20 V12" stroke={INK} strokeWidth="2" />
      {running ? (
        <g fill={SOFT_INK}>
          <circle cx="20" cy="-2" r="4" />
          <circle cx="34" cy="-8" r="4" />
          <path d="M24 -2 V-20 L38 -26 V-8" fill="none" stroke={SOFT_INK} strokeWidth="2" />
        </g>
      ) : null}
    </g>
  );
}

export function RadioDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <path d="M14 -18 L28 -40" stroke={INK} strokeWidth="2" />
      <rect
        x="-32"
        y="-18"
        width="64"
        height="40"
        rx="5"
        fill="#A9531F"
        stroke={INK}
        strokeWidth="1.2"
      />
      <circle cx="-13" cy="2" r="12" fill="#3A4247" />
      <path d="M-20 -3 H-6 M-22 2 H-4 M-20 7 H-6" stroke="#F1ECE2" strokeWidth="1.6" />
      <circle cx="17" cy="8" r="6" fill="#F1ECE2" stroke={INK} />
      <rect x="6" y="-12" width="22" height="6" fill="#F1ECE2" />
      {running ? (
        <path
          d="M38 -8 A20 20 0 0 1 38 14 M44 -13 A30 30 0 0 1 44 19"
          fill="none"
          stroke={SOFT_INK}
          strokeWidth="2"
        />
      ) : null}
    </g>
  );
}

export function BoxDrawing({ text }: { text: string }) {
  return (
    <g>
      <rect
        x="-30"
        y="-18"
        width="60"
        height="36"
        rx="5"
        fill="#3A4247"
        stroke={INK}
        strokeWidth="1.2"
      />
      <rect x="-24" y="-12" width="48" height="24" rx="2" fill="#CBD5C0" />
      {text === '' ? null : (
        <text y="6" fontSize="16" fontWeight="700" textAnchor="middle" fill="#20292E">
          {text}
        </text>
      )}
    </g>
  );
}

export function MotorDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <rect
        x="-22"
        y="-14"
        width="44"
        height="28"
        rx="6"
        fill="#B9C0C3"
        stroke={INK}
        strokeWidth="1.2"
      />
      <path d="M22 0 H34" stroke={INK} strokeWidth="3" />
      <path d="M34 -16 V16" stroke={INK} strokeWidth="3" />
      {running ? (
        <path
          d="M42 -14 A18 18 0 0 1 42 14 M38 18 L42 14 L46 19"
          fill="none"
          stroke={SOFT_INK}
          strokeWidth="2"
        />
      ) : null}
      <text y="6" fontSize="16" fontWeight="700" textAnchor="middle" fill="#20292E">
        M
      </text>
      <path d="M-10 14 V24 M10 14 V24" stroke={INK} strokeWidth="2" />
    </g>
  );
}

export function BulbDrawing({ running }: { running: boolean }) {
  return (
    <g>
      {running ? <circle cy="-8" r="34" fill="#F2B134" opacity="0.35" /> : null}
      <circle cy="-8" r="20" fill="#FFFDF2" stroke={INK} strokeWidth="1.2" />
      <path
        d="M-6 8 L-7 -6 L-3 -12 L0 -6 L3 -12 L7 -6 L6 8"
        fill="none"
        stroke={INK}
        strokeWidth="1.4"
      />
      <rect
        x="-9"
        y="11"
        width="18"
        height="14"
        rx="2"
        fill="#B9C0C3"
        stroke={INK}
        strokeWidth="1.2"
      />
      <path d="M-9 16 H9 M-9 20 H9 M-9 25 V34 M9 25 V34" stroke={INK} strokeWidth="1.6" />
    </g>
  );
}

export function CapacitorDrawing() {
  return (
    <g>
      <rect
        x="-14"
        y="-24"
        width="28"
        height="46"
        rx="5"
        fill="#4A6A86"
        stroke={INK}
        strokeWidth="1.2"
      />
      <path d="M6 -24 V22" stroke="#F1ECE2" strokeWidth="5" />
      <path d="M3 -2 H9" stroke="#20292E" strokeWidth="2" />
      <path d="M-7 22 V44 M8 22 V36" stroke={INK} strokeWidth="2" />
    </g>
  );
}
