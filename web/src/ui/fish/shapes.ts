import type { Form } from '../../api/client';

/** One part of the drawing: its outline on a board of 900 × 300, where it goes once cut off, where its weight is written, and what carries it along until then. */
type Region = { part: string; d: string; off: [number, number]; label: [number, number]; on?: string };

export type Drawing = { regions: Region[]; details: { part: string; d: string }[] };

/** Drawn from the far side to the near one. */
export const DRAWINGS: Record<Form, Drawing> = {
  round: {
    regions: [
      {
        part: 'side-b',
        d: 'M244 74 C 330 46 420 40 520 52 C 600 64 668 92 726 126 L 722 134 C 650 104 590 88 520 78 C 420 64 330 66 246 84 Z',
        off: [0, -46],
        label: [450, 62],
      },
      {
        part: 'fins',
        d: 'M724 128 C 770 118 806 84 852 64 C 838 108 838 186 852 232 C 806 210 770 176 724 168 Z M 340 62 C 392 26 478 22 562 52 L 548 58 C 470 44 400 46 340 62 Z M 520 214 C 552 232 596 232 622 214 L 612 194 C 586 204 552 212 520 214 Z',
        off: [22, 0],
        label: [806, 154],
      },
      {
        part: 'frame',
        d: 'M246 132 C 400 126 560 132 724 140 L 724 158 C 560 158 400 158 246 158 Z',
        off: [0, 0],
        label: [560, 152],
      },
      {
        part: 'guts',
        d: 'M262 186 C 320 176 420 184 486 200 C 440 222 330 230 268 212 C 258 206 258 194 262 186 Z',
        off: [0, 104],
        label: [370, 212],
      },
      {
        part: 'side-a',
        d: 'M246 84 C 330 66 420 64 520 78 C 590 88 650 104 722 134 L 722 164 C 650 184 570 198 500 204 C 420 196 340 186 266 184 C 268 150 262 112 246 84 Z',
        off: [0, 80],
        label: [440, 146],
      },
      {
        part: 'belly',
        on: 'side-a',
        d: 'M266 184 C 340 186 420 196 500 204 C 440 228 330 244 248 232 C 258 218 264 202 266 184 Z',
        off: [0, 96],
        label: [350, 218],
      },
      {
        part: 'collar',
        d: 'M212 80 C 224 78 234 76 244 75 C 264 110 268 192 247 232 C 234 231 222 229 211 227 C 232 186 232 118 212 80 Z',
        off: [-14, 0],
        label: [236, 262],
      },
      {
        part: 'head',
        d: 'M44 166 C 74 124 140 92 210 80 C 230 118 230 186 209 227 C 146 224 84 208 44 166 Z',
        off: [-34, 0],
        label: [146, 190],
      },
    ],
    details: [
      { part: 'head', d: 'M 118 140 a 11 11 0 1 0 0.1 0 Z M 44 168 C 62 172 82 174 98 172' },
      { part: 'side-a', d: 'M 268 134 C 400 122 580 132 716 148' },
      {
        part: 'frame',
        d: 'M 276 108 V 186 M 316 100 V 194 M 356 96 V 198 M 396 94 V 200 M 436 96 V 200 M 476 98 V 198 M 516 102 V 194 M 636 120 V 178 M 676 126 V 174',
      },
      { part: 'collar', d: 'M 248 168 C 286 170 310 182 326 200 C 298 204 268 200 250 190' },
    ],
  },
  flat: {
    regions: [
      {
        part: 'blind-side',
        d: 'M222 196 C 300 262 470 284 600 248 C 662 230 704 200 732 168 L 740 178 C 706 214 664 246 600 264 C 470 298 300 280 214 208 Z',
        off: [0, 34],
        label: [470, 280],
      },
      {
        part: 'fins',
        d: 'M736 132 C 776 126 812 102 850 88 C 840 122 840 178 850 212 C 812 198 776 176 736 170 Z',
        off: [22, 0],
        label: [800, 156],
      },
      {
        part: 'frill',
        d: 'M196 92 C 270 16 460 -4 604 30 C 664 48 714 84 742 126 L 728 134 C 700 96 656 66 600 52 C 470 24 300 38 216 108 Z M 216 196 C 300 262 470 280 600 250 C 656 236 700 206 728 168 L 742 176 C 714 218 664 254 604 270 C 460 304 270 284 196 210 Z',
        off: [0, 0],
        label: [640, 40],
      },
      {
        part: 'eyed-side',
        d: 'M216 108 C 300 38 470 24 600 52 C 656 66 700 96 728 134 L 728 168 C 700 206 656 236 600 250 C 470 280 300 262 216 196 C 234 168 234 136 216 108 Z',
        off: [0, -34],
        label: [430, 96],
      },
      {
        part: 'frame',
        d: 'M228 142 C 400 134 580 138 728 146 L 728 160 C 580 162 400 164 228 160 Z',
        off: [0, 0],
        label: [610, 192],
      },
      {
        part: 'guts',
        d: 'M232 180 C 268 178 300 190 312 212 C 286 222 254 214 230 196 Z',
        off: [0, 60],
        label: [272, 204],
      },
      {
        part: 'collar',
        d: 'M188 98 C 198 94 206 98 214 107 C 236 136 236 168 214 197 C 206 206 198 208 188 204 C 210 172 210 132 188 98 Z',
        off: [-14, 0],
        label: [206, 236],
      },
      {
        part: 'head',
        d: 'M62 156 C 84 120 134 94 188 98 C 210 132 210 172 188 204 C 134 210 84 192 62 156 Z',
        off: [-32, 0],
        label: [136, 194],
      },
    ],
    details: [
      {
        part: 'head',
        d: 'M 118 130 a 9 9 0 1 0 0.1 0 Z M 150 118 a 9 9 0 1 0 0.1 0 Z M 62 158 C 76 164 92 166 104 162',
      },
      { part: 'eyed-side', d: 'M 236 150 C 290 118 330 148 420 150 C 540 152 640 150 724 150' },
    ],
  },
  tail: {
    regions: [
      {
        part: 'fins',
        d: 'M742 130 C 780 124 808 104 842 96 C 832 126 832 176 842 206 C 808 198 780 178 742 170 Z M 470 72 C 500 44 560 42 604 76 Z',
        off: [22, 0],
        label: [800, 156],
      },
      {
        part: 'skin',
        d: 'M112 74 C 250 42 480 56 746 126 L 746 174 C 480 244 250 258 112 226 Z',
        off: [0, 0],
        label: [640, 106],
      },
      {
        part: 'membrane',
        d: 'M118 86 C 260 58 480 72 740 132 L 740 168 C 480 228 260 242 118 214 Z',
        off: [0, 0],
        label: [640, 206],
      },
      {
        part: 'loin-a',
        d: 'M122 96 C 260 70 480 82 736 136 L 736 144 C 480 136 280 134 122 138 Z',
        off: [0, -44],
        label: [400, 120],
      },
      {
        part: 'loin-b',
        d: 'M122 162 C 280 166 480 164 736 156 L 736 164 C 480 218 260 230 122 204 Z',
        off: [0, 44],
        label: [400, 198],
      },
      {
        part: 'frame',
        d: 'M114 138 C 280 134 480 138 738 144 L 738 156 C 480 162 280 166 114 162 Z',
        off: [0, 0],
        label: [230, 156],
      },
    ],
    details: [{ part: 'skin', d: 'M 112 74 C 92 110 92 190 112 226' }],
  },
};

/** The parts of the drawing each of the three quick weights stands for. */
export const COVERS: Record<string, string[]> = {
  fillets: ['side-a', 'side-b', 'eyed-side', 'blind-side', 'loin-a', 'loin-b'],
  bones: ['head', 'frame', 'fins'],
  trim: ['belly', 'collar', 'frill', 'membrane'],
};
