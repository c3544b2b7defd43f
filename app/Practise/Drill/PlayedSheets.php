<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Containers;
use App\Kitchen\Format\Words;
use Sectum\BreakDown\Container;
use Sectum\BreakDown\CutPiece;
use Sectum\BreakDown\ExplanationKind;
use Sectum\Fish\BodyForm;
use Sectum\Fish\Part;
use Sectum\Fish\Share;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Practise\Dice;
use Sectum\Practise\Sheet\Mistake;
use Sectum\Practise\Sheet\Sheet;
use Sectum\Practise\Sheet\SheetDrill;
use Sectum\Practise\Sheet\SheetResult;

/** Yield sheets of fish the catalogue knows, with one weight wrong among them, or none. */
final readonly class PlayedSheets implements Played
{
    /** Parts a sheet shows at most: nobody reads more at once. */
    private const PARTS = 7;

    /**
     * @param  array<string, Share>  $shares
     * @param  list<Container>  $tares
     */
    private function __construct(
        private Species $species,
        private array $shares,
        private array $tares,
        private SheetDrill $drill,
    ) {
    }

    /** @return list<string> body forms */
    public static function subjects(): array
    {
        return [BodyForm::Round->value, BodyForm::Flat->value];
    }

    public static function drawn(Dice $dice, string $subject): self
    {
        Species::manyAreAsked();
        $all = array_values(array_filter(
            Species::query()->where('form', $subject)->orderBy('name')->get()->all(),
            fn (Species $one): bool => count(self::shares($one)) >= 4,
        ));
        $species = $all === []
            ? throw Fault::inField('/subject', 'Too little is known of such fish for a sheet.')
            : $dice->for('species')->one($all);
        $grade = explode('-', explode(';', $species->size_grades_g)[0]);
        $usual = Mass::ofGrams(max(700.0, ((float) $grade[0] + (float) ($grade[1] ?? $grade[0])) / 2));
        $tares = array_slice(
            array_values(array_filter(
                Containers::all(),
                fn (Container $one): bool => $one->mass->milligrams > 60_000,
            )),
            0,
            3,
        );
        $shares = self::shares($species);

        return new self($species, $shares, $tares, SheetDrill::drawn($dice, $shares, $usual, $tares));
    }

    /** @return array<string, Share> the largest parts of the gutted fish, none of them within another */
    private static function shares(Species $species): array
    {
        $shares = array_filter(
            $species->expected(StateBought::Gutted),
            fn (Share $share, string $part): bool => $share->meanPct >= 1 &&
                $part !== Part::Fillets->value &&
                Part::tryFrom($part) !== null,
            ARRAY_FILTER_USE_BOTH,
        );
        // Where the parts come to more than the fish, its skin is still on the sides.
        if (array_sum(array_map(fn (Share $share): float => $share->meanPct, $shares)) > 100) {
            unset($shares[Part::Skin->value]);
        }
        uasort($shares, fn (Share $a, Share $b): int => $b->meanPct <=> $a->meanPct);
        $shares = array_slice($shares, 0, self::PARTS);
        // Like sides stand side by side.
        ksort($shares);

        return $shares;
    }

    public function stamp(): string
    {
        return json_encode(
            [
                $this->species->id,
                array_map(fn (Share $share): array => [$share->meanPct, $share->sdPct], $this->shares),
                array_map(fn (Container $one): array => [$one->name, $one->mass->milligrams], $this->tares),
            ],
            JSON_THROW_ON_ERROR,
        );
    }

    public function shown(Words $words, array $moves): array
    {
        return [
            'species' => $this->species->name,
            'tares' => array_map(
                fn (Container $one): array => ['name' => $one->name, 'mass' => $words->text($one->mass)],
                $this->tares,
            ),
            'sheets' => array_map(
                fn (Sheet $sheet): array => [
                    'pieces' => array_map(
                        fn (CutPiece $piece): array => [
                            'piece' => $piece->id,
                            'name' => $piece->part?->spoken() ?? $piece->id,
                            // As it was written: grams, whatever the reader weighs in, or a wrong unit would show.
                            'grams' => (int) round($piece->reading?->grams() ?? 0),
                            'usual_pct' => isset($this->shares[$piece->id])
                                ? round($this->shares[$piece->id]->meanPct, 1)
                                : null,
                        ],
                        $sheet->tree->pieces,
                    ),
                ],
                $this->drill->sheets,
            ),
        ];
    }

    public function moved(Fields $move, int $number, array $moves): ?array
    {
        return null;
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $said = array_map(
            fn (Fields $one): ?Mistake => $one->maybeString('piece') === null
                ? null
                : new Mistake($one->string('piece'), ExplanationKind::from($one->maybeString('kind') ?? 'tare')),
            $answer->list('sheets'),
        );
        $result = Fault::within('', fn (): SheetResult => $this->drill->judged($said));

        return new Judged($result->scorePct, [
            'sheets' => array_map(
                fn (Sheet $sheet, ?Mistake $mine, float $points): array => [
                    'piece' => $sheet->mistake?->piece,
                    'kind' => $sheet->mistake?->kind->value,
                    'piece_said' => $mine?->piece,
                    'kind_said' => $mine?->kind->value,
                    'points' => $points,
                ],
                $this->drill->sheets,
                $said,
                $result->points,
            ),
        ]);
    }
}
