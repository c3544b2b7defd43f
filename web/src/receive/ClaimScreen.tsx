import { Button, Table, Textarea } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { ClaimCourse } from './ClaimCourse';
import css from './ClaimScreen.module.css';

const KINDS: Record<string, string> = {
  short: t('claim.short'),
  over: t('claim.over'),
  dearer: t('claim.dearer'),
  refused: t('claim.refused'),
  'found when cut': t('claim.found-when-cut'),
  'wrong grade': t('claim.wrong-grade'),
  'wrong species': t('claim.wrong-species'),
  'not as sold': t('claim.not-as-sold'),
};

/** What is claimed of a line, which stands in a column of its own; a colon has a space before it in some languages. */
const withoutLine = (sentence: string, line: string) =>
  sentence.startsWith(line) ? sentence.slice(line.length).replace(/^\s*:\s*/, '') : sentence;

/** What is not as invoiced, with figures, and the text ready to send. */
export function ClaimScreen() {
  const { delivery: id = '' } = useParams();
  const [copied, setCopied] = useState(false);
  const { data, error } = api.useQuery('get', '/receive/deliveries/{delivery}/claim', {
    params: { path: { delivery: id } },
  });
  if (error) {
    return <Missing stage="receive" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('claim.calculating')}</p>;
  }
  const { delivery } = data;
  const claim = data.text === null ? null : { ...data, text: data.text };
  return (
    <section className={cx(look.sheet, 'claim')}>
      <div className={look.headline}>
        <div>
          <h1>{t('claim.claim-to', { supplier: delivery.supplier })}</h1>
          <p className={look.soft}>
            {delivery.number}, {delivery.day}.{' '}
            <Link to={`/receive/deliveries/${id}`}>{t('claim.back-to-the-delivery')}</Link>
          </p>
        </div>
        {(data.outstanding ?? data.credited ?? data.total) && (
          <p className={look.yield}>
            <b>{data.outstanding ?? data.credited ?? data.total}</b>
            <span className={look.soft}>
              {data.outstanding
                ? t('claim.outstanding')
                : data.credited
                  ? t('claim.credited')
                  : t('claim.credit-claimed')}
            </span>
          </p>
        )}
      </div>
      {!claim && data.steps.length > 0 && <ClaimCourse claim={data} />}
      {!claim && data.steps.length === 0 && (
        <div className={look.empty}>
          <h2>{t('claim.nothing-to-claim')}</h2>
          <p>{t('claim.what-was-weighed-in-is-what')}</p>
        </div>
      )}
      {claim && (
        <>
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th>{t('claim.what')}</Table.Th>
                <Table.Th>{t('claim.fish')}</Table.Th>
                <Table.Th>{t('claim.figures')}</Table.Th>
                <Table.Th className={look.n}>{t('claim.money')}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {claim.items.map((item) => (
                <Table.Tr key={item.sentence}>
                  <Table.Td>{KINDS[item.kind] ?? item.kind}</Table.Td>
                  <Table.Td>{item.line}</Table.Td>
                  <Table.Td>{withoutLine(item.sentence, item.line)}</Table.Td>
                  <Table.Td className={look.n}>{item.money ?? '–'}</Table.Td>
                </Table.Tr>
              ))}
              {claim.total && (
                <Table.Tr className={look.sum}>
                  <Table.Td colSpan={3}>{t('claim.credit-claimed-2')}</Table.Td>
                  <Table.Td className={look.n}>{claim.total}</Table.Td>
                </Table.Tr>
              )}
            </Table.Tbody>
          </Table>
          <ClaimCourse claim={data} />
          <div className={css.letter}>
            <h2>{t('claim.the-text-ready-to-send')}</h2>
            <Textarea
              readOnly
              aria-label={t('claim.claim-ready-to-send')}
              value={claim.text}
              rows={claim.text.split('\n').length + 2}
              onFocus={(event) => event.target.select()}
            />
            <p className={cx(look.lineActions, look.noPrint)}>
              <Button onClick={() => copy(claim.text).then(() => setCopied(true))}>
                {copied ? t('claim.copied') : t('claim.copy-the-text')}
              </Button>
              <Button
                component={'a'}
                variant="default"
                download={`claim-${delivery.number}.txt`}
                href={`data:text/plain;charset=utf-8,${encodeURIComponent(claim.text)}`}
              >
                {t('claim.save-as-a-file')}
              </Button>
              <Button component={Link} variant="default" to="/receive">
                {t('claim.to-the-cold-room')}
              </Button>
            </p>
          </div>
        </>
      )}
    </section>
  );
}

/** Away from a secure address a browser lends no clipboard; then the text stands there chosen. */
async function copy(text: string) {
  if (navigator.clipboard) {
    await navigator.clipboard.writeText(text);
  } else {
    document.querySelector<HTMLTextAreaElement>('.letter textarea')?.select();
  }
}
