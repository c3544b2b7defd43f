import { Button, Table, Textarea } from '@mantine/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api } from '../api/client';
import { t } from '../lang';
import { Missing } from '../ui/Missing';

/** What is not as invoiced, with figures, and the text ready to send. */
export function ClaimScreen() {
  const { delivery: id = '' } = useParams();
  const [copied, setCopied] = useState(false);
  const { data, error } = api.useQuery('get', '/receive/deliveries/{delivery}', { params: { path: { delivery: id } } });
  if (error) {
    return <Missing stage="receive" error={error} />;
  }
  if (!data) {
    return <p className="sheet soft">{t('claim.calculating')}</p>;
  }
  const { delivery, claim } = data;
  return (
    <section className="sheet claim">
      <div className="headline">
        <div>
          <h1>{t('claim.claim-to', { supplier: delivery.supplier })}</h1>
          <p className="soft">
            {delivery.number}, {delivery.day}.{' '}
            <Link to={`/receive/deliveries/${id}`}>{t('claim.back-to-the-delivery')}</Link>
          </p>
        </div>
        {claim?.total && (
          <p className="yield">
            <b>{claim.total}</b>
            <span className="soft">{t('claim.credit-claimed')}</span>
          </p>
        )}
      </div>
      {!claim && (
        <div className="empty">
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
                <Table.Th className="n">{t('claim.money')}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {claim.items.map((item) => (
                <Table.Tr key={item.sentence}>
                  <Table.Td>{item.kind}</Table.Td>
                  <Table.Td>{item.line}</Table.Td>
                  <Table.Td>{item.sentence.replace(`${item.line}: `, '')}</Table.Td>
                  <Table.Td className="n">{item.money ?? '–'}</Table.Td>
                </Table.Tr>
              ))}
              {claim.total && (
                <Table.Tr className="sum">
                  <Table.Td colSpan={3}>{t('claim.credit-claimed-2')}</Table.Td>
                  <Table.Td className="n">{claim.total}</Table.Td>
                </Table.Tr>
              )}
            </Table.Tbody>
          </Table>
          <div className="letter">
            <h2>{t('claim.the-text-ready-to-send')}</h2>
            <Textarea
              readOnly
              aria-label={t('claim.claim-ready-to-send')}
              value={claim.text}
              rows={claim.text.split('\n').length + 2}
              onFocus={(event) => event.target.select()}
            />
            <p className="line-actions no-print">
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
