import { UnstyledButton } from '@mantine/core';
import { api, type Method } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { minutes } from '../ui/clock';
import { lowerFirst } from '../ui/words';
import css from './Questions.module.css';

type Question = Method['questions'][number];
type Option = Question['options'][number];
type Made = { name: string; recipes: string[] };

/** How each question on which kitchens differ is answered on this fish; one of them open, with what each answer costs. */
export function Questions(props: {
  questions: Question[];
  open: string | null;
  onOpen: (question: string | null) => void;
  onAnswer: (question: string, option: string) => void;
}) {
  const { open, onOpen } = props;
  const asked = props.questions.find((question) => question.question === open);
  const { data: made } = api.useQuery('get', '/breakdown/made-from');

  return (
    <>
      <ul className={css.questions}>
        {props.questions.map((question) => (
          <li key={question.question}>
            <UnstyledButton
              className={css.question}
              aria-expanded={question.question === open}
              onClick={() => onOpen(question.question === open ? null : question.question)}
            >
              <span>{question.asks}</span>
              <b>{question.options.find((option) => option.option === question.chosen)?.name}</b>
            </UnstyledButton>
          </li>
        ))}
      </ul>
      {asked && (
        <Chips
          legend={asked.asks}
          name={asked.question}
          value={asked.chosen}
          options={asked.options.map((option) => ({
            value: option.option,
            label: <Answer option={option} made={made?.bins.find((one) => one.bin === option.becomes)} />,
          }))}
          onChange={(option) => props.onAnswer(asked.question, option)}
        />
      )}
    </>
  );
}

/** Where what an answer costs goes, and what the house makes of it. */
function goesTo(made: Made): string {
  const bin = lowerFirst(made.name);
  return made.recipes.length > 0
    ? t('questions.becomes', { bin, recipes: made.recipes.join(', ') })
    : t('questions.to', { bin });
}

function Answer({ option, made }: { option: Option; made: Made | undefined }) {
  const more = Math.round(option.more_s / 60);
  return (
    <span className={css.answer}>
      <b>{option.name}</b>
      <small>{option.why}</small>
      <small>
        {option.costs}
        {made && `, ${goesTo(made)}`}
        {more !== 0 &&
          `; ${more > 0 ? t('questions.longer', { time: minutes(option.more_s) }) : t('questions.shorter', { time: minutes(-option.more_s) })}`}
      </small>
      {option.moves && <small className={css.moves}>{t('questions.then', { moves: option.moves })}</small>}
    </span>
  );
}
