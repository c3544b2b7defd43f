<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Settings;
use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Part;
use Sectum\Practise\Dice;
use Sectum\Practise\Sort\SortDrill;
use Sectum\Practise\Sort\Sorted;
use Sectum\Practise\Sort\SortResult;
use Sectum\Route\Ways;

/** Parts of a fish the catalogue knows, each to its bin by the rules of this house. */
final readonly class PlayedBins implements Played
{
    private function __construct(private Species $species, private Ways $ways, private SortDrill $drill)
    {
    }

    /** @return list<string> fat classes: they decide between stock and soup */
    public static function subjects(): array
    {
        return array_column(FatClass::cases(), 'value');
    }

    public static function drawn(Dice $dice, string $subject): self
    {
        $all = array_values(Species::query()->where('fat', $subject)->orderBy('name')->get()->all());
        $species = $all === []
            ? throw Fault::inField('/subject', 'No fish known here is such.')
            : $dice->for('species')->one($all);
        $ways = Settings::load()->ways;

        return new self(
            $species,
            $ways,
            SortDrill::drawn(
                $dice,
                $species->fat,
                $species->hazardList(),
                array_values(array_filter(array_map(Part::tryFrom(...), explode(' ', $species->keep)))),
                $ways,
            ),
        );
    }

    public function stamp(): string
    {
        return json_encode(
            [$this->species->id, $this->species->hazards, $this->species->keep, (array) $this->ways],
            JSON_THROW_ON_ERROR,
        );
    }

    public function shown(Words $words, array $moves): array
    {
        return [
            'species' => $this->species->name,
            'fat' => $this->species->fat->value,
            'parts' => array_map(
                fn (Sorted $one): array => [
                    'name' => $one->part->part->spoken(),
                    'part' => $one->part->part->value,
                    'mass' => $words->text($one->part->mass),
                    'notes' => self::notes($one),
                ],
                $this->drill->parts,
            ),
            'bins' => array_map(
                fn (Bin $bin): array => [
                    'bin' => $bin->value,
                    'name' => $bin->spoken(),
                    'family' => $bin->family()->value,
                ],
                Bin::cases(),
            ),
        ];
    }

    /** @return list<string> codes of what is to be known of it */
    private static function notes(Sorted $one): array
    {
        $part = $one->part;

        return [
            ...$part->scaled === true ? ['scaled'] : [],
            ...$part->scaled === false ? ['scales-on'] : [],
            ...$part->broken ? ['sac-open'] : [],
            ...$part->past ? ['past'] : [],
            ...$part->prized ? ['prized'] : [],
            $part->notRaw === null ? 'raw-open' : 'raw-closed',
            $part->bright ? 'bright' : 'dull',
        ];
    }

    public function moved(Fields $move, int $number, array $moves): ?array
    {
        return null;
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $said = array_map(Bin::from(...), $answer->strings('bins'));
        $result = Fault::within('', fn (): SortResult => $this->drill->judged($said));

        return new Judged($result->scorePct, [
            'parts' => array_map(
                fn (Sorted $one, Bin $mine, float $points): array => [
                    'bin' => $one->to->first()->value,
                    'why' => $words->sayAll($one->to->to($one->to->first())->why ?? []),
                    'bin_said' => $mine->value,
                    'why_said' => $words->sayAll($one->to->to($mine)->why ?? []),
                    'points' => $points,
                ],
                $this->drill->parts,
                $said,
                $result->points,
            ),
        ]);
    }
}
