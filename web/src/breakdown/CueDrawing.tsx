import type { ReactNode } from 'react';
import { t } from '../lang';
import css from './CueDrawing.module.css';

const INK = '#12202a';
const FLESH = '#f3d9cf';
const BONE = '#8d9aa0';
const BLADE = '#2f6f80';

type Pair = [right: ReactNode, wrong: ReactNode];

/** A step drawn twice: as it should be, and as it usually goes wrong. Nothing where nobody drew it. */
export function CueDrawing({ drawing }: { drawing: string }) {
  const pair = DRAWN[drawing];
  if (!pair) {
    return null;
  }
  return (
    <div className={css.cuePair}>
      <Figure word={t('cueDrawing.right')}>{pair[0]}</Figure>
      <Figure word={t('cueDrawing.wrong')} wrong>
        {pair[1]}
      </Figure>
    </div>
  );
}

function Figure({ word, wrong, children }: { word: string; wrong?: boolean; children: ReactNode }) {
  return (
    <figure className={css.cueFigure}>
      <svg viewBox="0 0 132 84" aria-hidden="true" fill="none" strokeLinecap="round" strokeLinejoin="round">
        {children}
        {wrong && <path d="M112 6l14 14M126 6l-14 14" stroke="#8c2a13" strokeWidth="3" />}
      </svg>
      <figcaption>{word}</figcaption>
    </figure>
  );
}

const Blade = ({ d }: { d: string }) => <path d={d} stroke={BLADE} strokeWidth="3.4" />;

/** A round fish cut across: flesh, spine, and the bones above and below it. */
const Round = () => (
  <>
    <ellipse cx="66" cy="44" rx="46" ry="26" fill={FLESH} stroke={INK} strokeWidth="1.5" />
    <circle cx="66" cy="44" r="5" fill="#fff" stroke={BONE} strokeWidth="2.4" />
    <path d="M71 44h36M61 44H24" stroke={BONE} strokeWidth="2.4" />
  </>
);

/** A fillet lying on its skin. */
const Fillet = () => (
  <>
    <path d="M8 54Q30 22 70 24T126 54z" fill={FLESH} stroke="none" />
    <path d="M8 54Q30 22 70 24T126 54" stroke={INK} strokeWidth="1.5" />
    <path d="M8 56h118" stroke={INK} strokeWidth="4" />
  </>
);

const DRAWN: Record<string, Pair> = {
  // The belly: the point under the skin with its edge up, or down in the guts.
  gut: [
    <g key="r">
      <path d="M6 52Q40 76 126 50" stroke={INK} strokeWidth="3" />
      <path d="M24 40q16-16 34-4t34 0" stroke={BONE} strokeWidth="9" />
      <Blade d="M100 70L64 62" />
      <path d="M64 62q-5-1-8-4" stroke={BLADE} strokeWidth="2" />
    </g>,
    <g key="w">
      <path d="M6 52Q40 76 126 50" stroke={INK} strokeWidth="3" />
      <path d="M24 40q16-16 34-4t34 0" stroke={BONE} strokeWidth="9" />
      <Blade d="M96 78L58 28" />
    </g>,
  ],
  // The spine from the side: the blade finds the joint between two vertebrae, or saws through one.
  head: [
    <g key="r">
      {[16, 44, 72, 100].map((x) => (
        <rect key={x} x={x} y="34" width="24" height="18" rx="5" fill="#fff" stroke={BONE} strokeWidth="2.4" />
      ))}
      <Blade d="M70 8v66" />
    </g>,
    <g key="w">
      {[16, 44, 72, 100].map((x) => (
        <rect key={x} x={x} y="34" width="24" height="18" rx="5" fill="#fff" stroke={BONE} strokeWidth="2.4" />
      ))}
      <Blade d="M84 8v66" />
      <path d="M78 40l6 3-5 3 6 3" stroke="#8c2a13" strokeWidth="1.8" />
    </g>,
  ],
  // The blade flexed down on the bone, or riding above it with meat left behind.
  bone: [
    <g key="r">
      <Round />
      <Blade d="M126 36Q98 42 72 41" />
    </g>,
    <g key="w">
      <Round />
      <Blade d="M126 26Q98 30 72 33" />
    </g>,
  ],
  // The flap raised no further than the blade needs, or bent back until it cracks.
  flap: [
    <g key="r">
      <path d="M10 62h112" stroke={BONE} strokeWidth="3" />
      <path d="M10 58h46q30-2 60-16" stroke={FLESH} strokeWidth="11" />
      <Blade d="M122 56L66 61" />
    </g>,
    <g key="w">
      <path d="M10 62h112" stroke={BONE} strokeWidth="3" />
      <path d="M10 58h42q26-6 30-46" stroke={FLESH} strokeWidth="11" />
      <path d="M62 50l6-2M66 44l7-3M70 37l7-2" stroke="#8c2a13" strokeWidth="1.8" />
      <Blade d="M122 56L66 61" />
    </g>,
  ],
  // From underneath: the edge tilted up under the spine, or lying level and leaving meat on it.
  spine: [
    <g key="r">
      <Round />
      <Blade d="M124 66Q92 54 72 50" />
    </g>,
    <g key="w">
      <Round />
      <Blade d="M126 62H66" />
    </g>,
  ],
  // A flatfish cut across: the backbone is a low roof, and the edge follows its slope.
  slope: [
    <g key="r">
      <path d="M6 60Q66 16 126 60z" fill={FLESH} stroke={INK} strokeWidth="1.5" />
      <path d="M14 60L66 42l52 18" stroke={BONE} strokeWidth="2.6" />
      <Blade d="M116 57L72 42" />
    </g>,
    <g key="w">
      <path d="M6 60Q66 16 126 60z" fill={FLESH} stroke={INK} strokeWidth="1.5" />
      <path d="M14 60L66 42l52 18" stroke={BONE} strokeWidth="2.6" />
      <Blade d="M118 40H74" />
    </g>,
  ],
  // The ribs on the fillet: the blade just under them, or diving into the belly.
  ribs: [
    <g key="r">
      <Fillet />
      <path d="M34 34q8-4 14-5M42 40q10-6 18-7M52 45q10-7 20-9" stroke={BONE} strokeWidth="2.6" />
      <Blade d="M22 40Q46 36 78 40" />
    </g>,
    <g key="w">
      <Fillet />
      <path d="M34 34q8-4 14-5M42 40q10-6 18-7M52 45q10-7 20-9" stroke={BONE} strokeWidth="2.6" />
      <Blade d="M18 44Q46 52 84 46" />
    </g>,
  ],
  // A pin bone: pulled the way it lies with the flesh held flat, or straight up with the flesh following.
  pins: [
    <g key="r">
      <path d="M6 54h120v20H6z" fill={FLESH} stroke={INK} strokeWidth="1.5" />
      <path d="M44 68L74 50" stroke={BONE} strokeWidth="3.4" />
      <path d="M76 49L108 28M100 26l9 1-3 9" stroke={BLADE} strokeWidth="3" />
      <path d="M20 52h34" stroke={INK} strokeWidth="6" />
    </g>,
    <g key="w">
      <path d="M6 54h48q14-22 28 0h44v20H6z" fill={FLESH} stroke={INK} strokeWidth="1.5" />
      <path d="M44 68L68 44" stroke={BONE} strokeWidth="3.4" />
      <path d="M69 42V14M63 21l6-8 6 8" stroke={BLADE} strokeWidth="3" />
    </g>,
  ],
  // Skinning: the blade flat and still while the skin is drawn, or the edge turned down through it.
  skin: [
    <g key="r">
      <Fillet />
      <Blade d="M40 52h56" />
      <path d="M44 68H10l8-6M10 68l8 6" stroke={INK} strokeWidth="2.4" />
    </g>,
    <g key="w">
      <Fillet />
      <Blade d="M96 40L46 64" />
    </g>,
  ],
  // The frame held to the light: a window between the bones, or meat.
  frame: [
    <g key="r">
      <path d="M10 42h112" stroke={BONE} strokeWidth="4" />
      {[22, 36, 50, 64, 78, 92, 106].map((x) => (
        <path key={x} d={`M${x} 42l6-24M${x} 42l6 24`} stroke={BONE} strokeWidth="2" />
      ))}
    </g>,
    <g key="w">
      <path d="M24 42q8-22 30-20t30 2q10 4 14 18-14 20-38 20T24 42z" fill={FLESH} />
      <path d="M10 42h112" stroke={BONE} strokeWidth="4" />
      {[22, 36, 50, 64, 78, 92, 106].map((x) => (
        <path key={x} d={`M${x} 42l6-24M${x} 42l6 24`} stroke={BONE} strokeWidth="2" />
      ))}
    </g>,
  ],
};
