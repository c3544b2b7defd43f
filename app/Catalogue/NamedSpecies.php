<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\Fault;
use App\Contract\Fields;
use Illuminate\Database\Eloquent\Collection;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;

/** Which fish somebody means. */
final readonly class NamedSpecies
{
    /** One from the catalogue, or a name the kitchen gives. */
    public function of(Fields $fields): Species
    {
        $id = $fields->maybeString('species');
        if ($id !== null) {
            return Species::query()->find($id) ??
                throw Fault::inField('/species', 'Choose the fish from the list, or give it a name.');
        }
        $name = trim($fields->maybeString('species_name') ?? '');
        if ($name === '' || ! $fields->has('form')) {
            throw Fault::inField(
                $name === '' ? '/species' : '/form',
                $name === ''
                    ? 'Choose the fish from the list, or give it a name.'
                    : 'Choose its body form: round, flat or tail.',
            );
        }

        return Species::query()
            ->whereRaw('lower(name) = ?', [mb_strtolower($name)])
            ->first() ??
            Species::query()->create([
                'name' => $name,
                'form' => BodyForm::from($fields->string('form')),
                'fat' => FatClass::Medium,
                'source' => 'added by the house',
            ]);
    }

    /**
     * By any name the catalogue knows; null when none, or more than one, goes by it.
     *
     * @param  Collection<int, Species>  $among
     */
    public static function called(string $name, Collection $among): ?Species
    {
        $sought = mb_strtolower(trim($name));
        $found = $among->filter(fn (Species $species): bool => in_array($sought, $species->spokenNames(), true));
        $exact = $found->first(fn (Species $species): bool => mb_strtolower($species->name) === $sought);

        return $exact ?? ($found->count() === 1 ? $found->first() : null);
    }
}
