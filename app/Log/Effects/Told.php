<?php

declare(strict_types=1);

namespace App\Log\Effects;

use App\Kitchen\Database\Row;
use App\Log\Find\FishQuery;
use App\Log\Ledger\OldYieldRow;
use Sectum\Log\BadLog;
use Sectum\Log\Effects\Linked;
use Sectum\Log\Effects\Seen;
use Sectum\Log\Effects\Spreads;

/**
 * The fish that are sought as records of a mixed model, and what it tells of hand, supplier, method, season and size.
 */
final readonly class Told
{
    /** The latest fish that count. */
    private const MOST = 3000;

    /** Questions that are asked of the record beside hand, supplier, method and month: those most evenly answered. */
    private const QUESTIONS = 3;

    /**
     * @param  list<Seen>  $records
     * @param  list<string>  $factors  that have two levels and more in one group of fish
     * @param  list<string>  $alone  factors that have not: nothing tells them from the fish
     */
    private function __construct(public array $records, public array $factors, public array $alone)
    {
    }

    /** @return array<string, int> fish by level of a factor, those that can be told from another level */
    public function linked(string $factor): array
    {
        return Linked::levels($this->records, $factor);
    }

    /** @return list<string> levels of a factor that nothing tells from their kinds of fish */
    public function unlinked(string $factor): array
    {
        $all = array_unique(array_map(fn (Seen $one): string => $one->levels[$factor] ?? '', $this->records));

        return array_values(array_diff($all, ['', ...array_keys($this->linked($factor))]));
    }

    public static function of(FishQuery $query): self
    {
        $rows = Row::all(
            $query
                ->measured()
                ->orderByDesc('number')
                ->limit(self::MOST)
                ->get(['logged_fish.*']),
        );
        $answers = array_map(self::answers(...), $rows);
        $questions = self::questions($answers);
        $records = [];
        foreach ($rows as $i => $row) {
            $levels = [
                'cutter' => $row->text('cutter_id'),
                'supplier' => $row->text('supplier_id'),
                'method' => $row->text('method'),
                'season' => 'm'.substr($row->text('cut_on'), 5, 2),
                'fat' => $row->text('fat_grade'),
            ];
            foreach ($questions as $question) {
                $levels["answer:{$question}"] = $answers[$i][$question] ?? '';
            }
            try {
                $records[] = Seen::yielding(
                    "{$row->text('species_id')} {$row->text('state')} {$row->text('step')}",
                    $row->number('each_mg') / 1000,
                    $row->number('yield_pct'),
                    $levels,
                );
            } catch (BadLog) {
                // Its weight was taken back: it says nothing of a yield.
                continue;
            }
        }

        array_push($records, ...self::old($query));

        return self::split($records, array_map(fn (string $one): string => "answer:{$one}", $questions));
    }

    /** @return array<string, Spreads> by factor; none while there are too few records */
    public function spreads(): array
    {
        try {
            return Spreads::ofEach($this->records, $this->factors);
        } catch (BadLog) {
            return [];
        }
    }

    /**
     * @param  list<Seen>  $records
     * @param  list<string>  $asked
     */
    private static function split(array $records, array $asked): self
    {
        $factors = $alone = [];
        foreach (['cutter', 'supplier', 'method', 'season', 'fat', ...$asked] as $factor) {
            count(Linked::levels($records, $factor)) > 1 ? ($factors[] = $factor) : ($alone[] = $factor);
        }

        return new self($records, $factors, $alone);
    }

    /** @return list<Seen> what an old notebook knows, where nothing but the kind is asked for */
    private static function old(FishQuery $query): array
    {
        $seen = [];
        $rows = $query->isForAll() ? Row::all(OldYieldRow::rows()->limit(self::MOST)->get()) : [];
        foreach ($rows as $row) {
            $seen[] = Seen::yielding(
                "{$row->text('species_id')} {$row->text('state')} {$row->text('step')}",
                $row->number('each_mg') / 1000,
                $row->number('yield_pct'),
                [
                    'cutter' => $row->text('cutter'),
                    'supplier' => $row->text('supplier'),
                    'method' => $row->text('method'),
                    'season' => $row->text('cut_on') === '' ? '' : 'm'.substr($row->text('cut_on'), 5, 2),
                ],
            );
        }

        return $seen;
    }

    /** @return array<string, string> option by question */
    private static function answers(Row $row): array
    {
        $answers = [];
        foreach (explode(' ', trim($row->text('answers'))) as $one) {
            [$question, $option] = [...explode(':', $one, 2), ''];
            $answers[$question] = $option;
        }

        return $answers;
    }

    /**
     * @param  list<array<string, string>>  $answers
     * @return list<string> those that were answered in more than one way, the most evenly first
     */
    private static function questions(array $answers): array
    {
        $counts = [];
        foreach ($answers as $one) {
            foreach ($one as $question => $option) {
                $counts[$question][$option] = ($counts[$question][$option] ?? 0) + 1;
            }
        }
        $second = [];
        foreach ($counts as $question => $options) {
            rsort($options);
            if (isset($options[1])) {
                $second[$question] = $options[1];
            }
        }
        arsort($second);

        return array_map(strval(...), array_slice(array_keys($second), 0, self::QUESTIONS));
    }
}
