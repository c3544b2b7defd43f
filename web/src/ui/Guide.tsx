import { useEffect, useState } from 'react';
import Markdown from 'react-markdown';
import { language } from '../lang';

/** The pages of docs/guide, a folder a language and a page a stage: what is read there is read here. */
const pages = import.meta.glob<string>('../../../docs/guide/*/*.md', { query: '?raw', import: 'default' });

const page = (of: string, stage: string) => pages[`../../../docs/guide/${of}/${stage}.md`];

/** What a stage is for, the shortest way through it, what its figures mean, and what to mind. */
export default function Guide({ stage }: { stage: string }) {
  const [text, setText] = useState('');
  useEffect(() => {
    let gone = false;
    void (page(language, stage) ?? page('en', stage))?.().then((read) => gone || setText(read));
    return () => {
      gone = true;
    };
  }, [stage]);
  return <Markdown>{text}</Markdown>;
}
