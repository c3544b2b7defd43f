<?php

declare(strict_types=1);

namespace Sectum\BreakDown\Method;

/**
 * On which answers something depends: "head:first;skin:on|silver;!state:side". All of its clauses have to hold; a
 * clause
 * that begins with "!" holds where the question was not answered so, or not asked.
 */
final readonly class Condition
{
    /** @param  list<array{bool, string, list<string>}>  $clauses  whether it is denied, the question, its options */
    private function __construct(private array $clauses)
    {
    }

    /** @throws BadMethod when a clause names no question or no option */
    public static function parse(string $written): self
    {
        $clauses = [];
        foreach (array_filter(explode(';', $written), fn (string $one): bool => trim($one) !== '') as $clause) {
            if (preg_match('/^(!?)([a-z-]+):([a-z -]+(?:\|[a-z -]+)*)$/', trim($clause), $found) !== 1) {
                throw new BadMethod("\"{$clause}\" is no answer to a question.", $written, '/choices');
            }
            $clauses[] = [$found[1] === '!', $found[2], explode('|', $found[3])];
        }

        return new self($clauses);
    }

    /** @param  array<string, string>  $chosen  answers by question, and what is so without being asked */
    public function holds(array $chosen): bool
    {
        foreach ($this->clauses as [$denied, $question, $options]) {
            if (in_array($chosen[$question] ?? null, $options, true) === $denied) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> the questions it depends on */
    public function questions(): array
    {
        return array_values(array_unique(array_column($this->clauses, 1)));
    }
}
