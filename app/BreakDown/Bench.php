<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\BreakDown\Bones\BoneChecks;
use App\BreakDown\Method\MethodView;
use App\BreakDown\Sample\Samples;
use App\BreakDown\Yields\YieldRemarks;
use App\Fish\Containers;
use App\Fish\CutFrom;
use App\Fish\Finding;
use App\Fish\Fish;
use App\Fish\FishHead;
use App\Fish\FishTree;
use App\Fish\KeelView;
use App\Fish\Piece;
use App\Fish\Reading;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Sectum\BreakDown\Container;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\CutTree;
use Sectum\BreakDown\LadderRung;
use Sectum\BreakDown\Reconcile;
use Sectum\BreakDown\Reconciliation;
use Sectum\BreakDown\Recovery;
use Sectum\BreakDown\Remark;
use Sectum\BreakDown\Remarks;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;
use Sectum\Measure\Mass;
use Sectum\Measure\Percent;
use Sectum\Receive\FindKind;
use Sectum\Receive\Found;

/** Everything a screen at the bench shows of one fish, worked out anew from its readings. */
final readonly class Bench
{
    private Words $words;

    private CutTree $tree;

    private Reconciliation $reconciled;

    private Recovery $recovered;

    private YieldRemarks $saying;

    private function __construct(private Fish $fish, Person $person)
    {
        $settings = Settings::load();
        $this->words = new Words($person->units, $settings->scaleStep);
        $this->tree = FishTree::of($fish, $settings->scaleStep);
        $this->reconciled = Reconcile::of($this->tree);
        $this->recovered = Recovery::of($this->tree, $this->reconciled);
        $this->saying = new YieldRemarks($fish, $this->words, $settings, $person->seesPrices());
    }

    /**
     * All of it.
     *
     * @return Answer
     */
    public static function of(Fish $fish, Person $person): array
    {
        $bench = new self($fish, $person);
        $words = $bench->words;

        return [
            ...$bench->figures(),
            'quick' => self::choices($fish, $fish->species->form->quickParts(), $words),
            'parts' => self::choices($fish, self::partsOf($fish), $words),
            'sources' => array_map(
                fn (Piece $piece): array => [
                    'piece' => $piece->id,
                    'name' => $piece->part === Part::Whole ? 'The whole fish' : $piece->name,
                ],
                [$fish->whole(), ...CutFrom::fillets($fish)],
            ),
            'ladder' => $bench->ladder(),
            'edible_yield' => self::said($bench->recovered->edibleYieldPct),
            'line' => $fish->line_id,
            'each' => $fish->count > 1
                    ? $words->text((new Found($fish->mass(), $fish->count, Settings::load()->scaleStep))->each())
                    : null,
            'sample' => Samples::view($fish, $words),
            'trays' => array_map(
                fn (Container $one): array => ['name' => $one->name, 'mass' => $words->mass($one->mass)],
                Containers::all(),
            ),
            'finds' => self::finds($fish, $words),
            'find_kinds' => array_map(
                fn (FindKind $kind): array => [
                    'kind' => $kind->value,
                    'name' => $kind->spoken(),
                    'told' => $kind->isSuppliersFault(),
                    'tidied' => $kind->isTidied(),
                ],
                FindKind::cases(),
            ),
            ...MethodView::of($fish, $words),
        ];
    }

    /**
     * What every bench screen shows: the fish, its weights, and whether they add up.
     *
     * @return Answer
     */
    public static function shared(Fish $fish, Person $person): array
    {
        return (new self($fish, $person))->figures();
    }

    /** @return Answer */
    private function figures(): array
    {
        $misfits = $this->misfits();

        return [
            'fish' => FishHead::of($this->fish, $this->words),
            'keel' => KeelView::of($this->fish, $this->tree, $this->words),
            'pieces' => self::pieces($this->fish, $this->words),
            'readings' => self::readings($this->fish, $this->words),
            'remarks' => self::remarks($misfits, $this->saying),
            'open' => array_map(fn (array $remark): array => ['code' => 'remark', 'say' => $remark['what']], $misfits),
            'portion_yield' => self::said($this->recovered->portionYieldPct),
            'bones' => BoneChecks::view($this->fish),
        ];
    }

    /** @return list<array{what: string, todo: string, piece: string|null, tray: string|null}> */
    private function misfits(): array
    {
        $names = [];
        foreach ($this->fish->pieces as $piece) {
            $names[$piece->id] = $piece->part === Part::Whole ? 'the whole fish' : $piece->name;
        }

        return array_map(
            fn (Remark $remark): array => [
                'what' => $remark->what,
                'todo' => $remark->todo,
                'piece' => $remark->piece,
                'tray' => $remark->tray,
            ],
            Remarks::of($this->reconciled, $names, $this->words->text(...)),
        );
    }

    /** @return list<Answer> */
    private function ladder(): array
    {
        // While something lies on the board unweighed, no rung says anything of the cut yet.
        $rest = $this->fish->whole()->id.CutTree::REST;
        $complete = array_filter($this->tree->pieces, fn (CutPiece $piece): bool => $piece->id === $rest) === [];

        return array_map(
            fn (LadderRung $rung): array => [
                'rung' => $rung->rung->value,
                'mass' => $this->words->text(Mass::ofGrams($rung->grams)),
                'weighed' => ($weighed = self::weighed($this->fish, $rung->rung)) === null
                    ? null
                    : $this->words->text($weighed),
                'of_purchased' => Percent::of($rung->ofPurchasedPct)->print($rung->sdPct > 0 ? $rung->sdPct : null),
                'of_purchased_pct' => $rung->ofPurchasedPct,
                'of_previous' => $rung->ofPreviousPct === null ? null : Percent::of($rung->ofPreviousPct)->print(),
                'band' => $complete ? $this->saying->band($rung) : null,
            ],
            $this->recovered->rungs,
        );
    }

    /** What the scale says of a rung; null where it was not weighed as such. */
    private static function weighed(Fish $fish, Rung $rung): ?Mass
    {
        $whole = $fish->whole();
        $some = match ($rung) {
            Rung::AsBought => $whole->reading() === null ? [] : [$whole],
            Rung::Fillets => CutFrom::sides($fish),
            Rung::Portions => $fish->pieces
                ->filter(fn (Piece $piece): bool => $piece->part === Part::Portion && $piece->reading() !== null)
                ->all(),
            Rung::Gutted, Rung::Headless, Rung::Trimmed, Rung::Skinned => [],
        };

        return $some === []
            ? null
            : array_reduce(
                $some,
                // A skin that was weighed off a portion is served no more.
                fn (Mass $sum, Piece $piece): Mass => $sum->plus(
                    $rung === Rung::Portions ? $fish->net($piece) : $piece->reading()?->mass() ?? Mass::zero(),
                ),
                Mass::zero(),
            );
    }

    /**
     * A reading that does not fit comes first; what it upsets is not told besides.
     *
     * @param  list<array{what: string, todo: string, piece: string|null, tray: string|null}>  $misfits
     * @return list<Answer>
     */
    private static function remarks(array $misfits, YieldRemarks $saying): array
    {
        return $misfits !== []
            ? $misfits
            : array_values(
                array_filter([$saying->frame(), $saying->sides()], fn (?array $remark): bool => $remark !== null),
            );
    }

    /** @return list<Answer> */
    private static function finds(Fish $fish, Words $words): array
    {
        if ($fish->finds_on_it === 0) {
            return [];
        }

        return array_map(
            fn (Row $row): array => [
                'id' => $row->text('id'),
                'kind' => $row->text('kind'),
                'name' => FindKind::from($row->text('kind'))->spoken(),
                'mass' => $row->text('mass_mg') === ''
                        ? null
                        : $words->text(Mass::ofMilligrams((int) $row->number('mass_mg'))),
                'note' => $row->text('note'),
                'claimed' => $row->text('claimed') === '1',
                'photo' => $row->text('photo_id') === '' ? null : $row->text('photo_id'),
            ],
            Row::all(Finding::rows()->where('fish_id', $fish->id)->orderBy('found_at')->orderBy('id')->get()),
        );
    }

    /** @return list<Part> what comes off this fish, as it was bought */
    public static function partsOf(Fish $fish): array
    {
        $off = $fish->state->alreadyOff();

        return array_values(
            array_filter($fish->species->form->parts(), fn (Part $part): bool => ! in_array($part, $off, true)),
        );
    }

    /** @return list<Part> all that may be weighed while it is broken down */
    public static function among(Fish $fish): array
    {
        return [Part::Whole, ...$fish->species->form->quickParts(), ...self::partsOf($fish)];
    }

    private static function said(?float $pct): ?string
    {
        return $pct === null || $pct <= 0 ? null : Percent::of($pct)->print();
    }

    /**
     * Parts as they can be chosen for the pan, with what of each has been weighed.
     *
     * @param  list<Part>  $parts
     * @return list<Answer>
     */
    public static function choices(Fish $fish, array $parts, Words $words): array
    {
        $weighed = [];
        foreach ($fish->weighed() as [$piece, $reading]) {
            $weighed[$piece->part->value][] = $reading;
        }
        $fillet = CutFrom::lastFillet($fish)?->id;
        $whole = $fish->whole()->id;

        return array_map(function (Part $part) use ($weighed, $fillet, $whole, $words): array {
            $readings = $weighed[$part->value] ?? [];

            return [
                'part' => $part->value,
                'name' => $part->spoken(),
                'family' => $part->family()->value,
                'from' => $part->comesOffAFillet() ? $fillet ?? $whole : $whole,
                'of_a_fillet' => $part->comesOffAFillet(),
                'mass' => $readings === []
                    ? null
                    : $words->mass(Mass::sum(array_map(fn (Reading $one): Mass => $one->mass(), $readings))),
                'count' => count($readings),
                'reading' => $readings === [] ? null : $readings[count($readings) - 1]->id,
            ];
        }, $parts);
    }

    /** @return list<Answer> */
    private static function pieces(Fish $fish, Words $words): array
    {
        $pieces = [];
        foreach ($fish->weighed() as [$piece, $reading]) {
            $pieces[] = [
                'piece' => $piece->id,
                'parent' => $piece->parent_id,
                'part' => $piece->part->value,
                'name' => $piece->name,
                'family' => FishTree::family($piece)->value,
                'mass' => $words->mass($reading->mass()),
                'reading' => $reading->id,
            ];
        }

        return $pieces;
    }

    /** @return list<Answer> last taken first, the taken back among them */
    private static function readings(Fish $fish, Words $words): array
    {
        $readings = $fish->pieces
            ->flatMap(
                fn (Piece $piece): array => array_map(
                    fn (Reading $reading): array => [$piece, $reading],
                    array_values($piece->readings->all()),
                ),
            )
            ->sortByDesc(fn (array $pair): int => $pair[1]->seq)
            ->take(40);

        return array_values(
            $readings
                ->map(
                    fn (array $pair): array => [
                        'id' => $pair[1]->id,
                        'piece' => $pair[0]->id,
                        'name' => $pair[0]->name,
                        'mass' => $words->mass($pair[1]->mass()),
                        'by' => $pair[1]->by(),
                        'at' => Moment::hour($pair[1]->taken_at),
                        'source' => $pair[1]->source,
                        'taken_back' => $pair[1]->void?->reason,
                    ],
                )
                ->all(),
        );
    }
}
