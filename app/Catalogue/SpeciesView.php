<?php

declare(strict_types=1);

namespace App\Catalogue;

use Illuminate\Database\Eloquent\Collection;
use Sectum\Fish\Hazard;
use Sectum\Fish\Part;
use Sectum\Fish\Rung;

/** What the house knows of a fish: its own values beside the shipped ones, and who says so. */
final readonly class SpeciesView
{
    /** @return Answer by name; those that match first by a name of theirs */
    public static function all(string $sought): array
    {
        $sought = mb_strtolower(trim($sought));
        $species = Species::query()
            ->with('yields')
            ->orderBy('name')
            ->get()
            ->filter(
                fn (Species $one): bool => $sought === '' ||
                    array_filter($one->spokenNames(), fn (string $name): bool => str_contains($name, $sought)) !== [],
            );

        return [
            'species' => array_values(
                $species
                    ->map(
                        fn (Species $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'other_names' => self::list($one->other_names, ';'),
                            'scientific' => $one->scientific,
                            'code' => $one->code,
                            'form' => $one->form->value,
                            'fat' => $one->fat->value,
                            'hazards' => array_map(fn (Hazard $hazard): string => $hazard->value, $one->hazardList()),
                            'ours' => $one->shipped === null ||
                                $one->house !== [] ||
                                $one->yields->contains(
                                    fn (SpeciesYield $yield): bool => $yield->source === SpeciesYield::HOUSE,
                                ),
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /** @return Answer */
    public static function of(Species $species): array
    {
        return [
            'id' => $species->id,
            'version' => $species->version,
            'name' => $species->name,
            'scientific' => $species->scientific,
            'code' => $species->code,
            'form' => $species->form->value,
            'bled' => $species->bled,
            'source' => $species->source,
            'cautions' => array_map(fn (Hazard $hazard): string => $hazard->caution(), $species->hazardList()),
            'keep' => array_map(
                fn (string $part): string => Part::tryFrom($part)?->spoken() ?? ucfirst($part),
                self::list($species->keep, ' '),
            ),
            'about' => array_map(
                fn (string $field): array => [
                    'field' => $field,
                    'value' => self::text($species->getRawOriginal($field)),
                    'shipped' => $species->shipped[$field] ?? null,
                    'ours' => isset($species->house[$field]),
                ],
                Species::ABOUT,
            ),
            'yields' => array_values(
                $species->yields
                    ->groupBy(fn (SpeciesYield $yield): string => $yield->state->value)
                    ->map(
                        fn (Collection $ladder, string $state): array => [
                            'state' => $state,
                            'rungs' => self::ladder($ladder),
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /**
     * @param  Collection<int, SpeciesYield>  $ladder
     * @return list<Answer> down the ladder
     */
    private static function ladder(Collection $ladder): array
    {
        $order = array_flip(array_column(Rung::cases(), 'value'));

        return array_values(
            $ladder
                ->sortBy(fn (SpeciesYield $yield): int => $order[$yield->rung->value])
                ->map(
                    fn (SpeciesYield $yield): array => [
                        'rung' => $yield->rung->value,
                        'mean_pct' => $yield->mean_pct,
                        'sd_pct' => $yield->sd_pct,
                        'shipped_mean_pct' => $yield->shipped_mean_pct,
                        'shipped_sd_pct' => $yield->shipped_sd_pct,
                        'source' => $yield->source,
                    ],
                )
                ->all(),
        );
    }

    /** @return list<string> */
    private static function list(string $joined, string $separator): array
    {
        return $joined === '' || $separator === '' ? [] : array_map(trim(...), explode($separator, $joined));
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
