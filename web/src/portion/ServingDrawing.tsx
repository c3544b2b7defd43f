import css from './ServingsScreen.module.css';

/** Small fillets lying head to tail on one plate, each as long as it is heavy. */
export function ServingDrawing({ grams, whole }: { grams: number[]; whole: number }) {
  const room = 152;
  let x = 4;
  return (
    <svg className={css.servingsDrawn} viewBox="0 0 160 34" aria-hidden="true">
      {grams.map((mass, i) => {
        const long = Math.max(6, (room * mass) / whole);
        const from = x;
        x += long;
        const [head, tail] = i % 2 === 0 ? [from, from + long - 2] : [from + long - 2, from];
        const bend = (head + tail) / 2;
        return <path key={i} d={`M${head} 17C${head} 3 ${bend} 4 ${tail} 15V19C${bend} 30 ${head} 31 ${head} 17z`} />;
      })}
    </svg>
  );
}
