<?php

declare(strict_types=1);

namespace App\Log\Supplier;

use App\Kitchen\Database\Row;
use App\Kitchen\Format\Rate;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use App\Log\Ledger\Stroke;
use Sectum\Math\Shrunken;
use Sectum\Math\StudentMixture;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Measure\Percent;

/**
 * A supplier's year: what came, what was wrong with it, how long it kept, what was claimed, what an edible kilo cost.
 */
final readonly class SupplierYear
{
    /** Days a lot has left on arrival before anything is known of a supplier, their spread, lots that counts for. */
    private const LIFE = [5.0, 2.0, 4.0];

    /**
     * @param  Row|null  $short  lines invoiced by weight
     * @param  Row|null  $graded  fish sold by a size grade
     * @param  float|null  $life  days, drawn towards what is usual by the number of lots
     * @param  StudentMixture|null  $cost  percent of an edible kilo's cost above all; null where nothing tells it
     */
    private function __construct(
        public string $id,
        public string $name,
        public int $fish,
        public int $lots,
        public Mass $bought,
        public ?Rate $edible,
        public ?StudentMixture $cost,
        public ?Row $short,
        public ?Row $graded,
        public int $defects,
        public int $rejected,
        public ?float $life,
        public int $sent,
        public int $credited,
        public Money $claimed,
        public Money $credit,
    ) {
    }

    public static function of(
        string $id,
        string $name,
        SupplierFigures $figures,
        TrueCosts $costs,
        Settings $settings,
    ): ?self {
        $row = $figures->bought[$id] ?? null;
        if ($row === null) {
            return null;
        }
        $claims = $figures->claims[$id] ?? null;
        $edible = Mass::ofMilligrams((int) $row->number('edible'));
        [$start, $sd, $strength] = self::LIFE;
        $life = $figures->life[$id] ?? [];

        return new self(
            $id,
            $name,
            (int) $row->number('fish'),
            (int) $row->number('lots'),
            Mass::ofMilligrams((int) $row->number('whole')),
            $edible->isPositive()
                ? Words::ofReader()->rate($settings->money((int) $row->number('cost'))->per($edible))
                : null,
            $costs->against($id),
            $figures->short[$id] ?? null,
            $figures->grades[$id] ?? null,
            (int) ($figures->found[$id] ?? null)?->number('fish'),
            (int) $row->number('rejected'),
            $life === [] ? null : round(Shrunken::of($start, $sd, $strength, $life)->mean, 1),
            (int) $claims?->number('sent'),
            (int) $claims?->number('credited'),
            $settings->money((int) $claims?->number('claimed')),
            $settings->money((int) $claims?->number('credit')),
        );
    }

    /** By how much lines weighed less than invoiced; null where none was invoiced by weight. */
    public function shortSaid(): ?string
    {
        return $this->short === null
            ? null
            : Words::ofReader()->text(Mass::ofMilligrams((int) $this->short->number('short')));
    }

    public function shortShare(): string
    {
        return Percent::of(
            (100 * (float) $this->short?->number('short')) / max(1.0, (float) $this->short?->number('invoiced')),
        )->print();
    }

    /** @return Answer */
    public function shown(): array
    {
        return [
            'supplier' => $this->id,
            'name' => $this->name,
            'fish' => $this->fish,
            'lots' => $this->lots,
            'bought' => Words::ofReader()->mass($this->bought),
            'edible' => $this->edible?->shown(),
            'cost' => $this->cost === null ? null : Stroke::of($this->cost),
            'short' => $this->short === null
                ? null
                : [
                    'lines' => (int) $this->short->number('lines'),
                    'many' => (int) $this->short->number('many'),
                    'mass' => $this->shortSaid(),
                    'share' => $this->shortShare(),
                ],
            'grades' => $this->graded === null
                ? null
                : ['fish' => (int) $this->graded->number('graded'), 'missed' => (int) $this->graded->number('missed')],
            'defects' => $this->defects,
            'rejected' => $this->rejected,
            'life' => $this->life,
            'claims' => [
                'sent' => $this->sent,
                'credited' => $this->credited,
                'claimed' => $this->claimed->print(),
                'credit' => $this->credit->print(),
            ],
        ];
    }
}
