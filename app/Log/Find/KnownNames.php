<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Catalogue\Methods;
use App\Catalogue\Species;
use App\Fish\Supplier;
use App\Kitchen\Database\Row;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Portion\Dish\Dish;
use Illuminate\Database\Query\Builder;
use Sectum\Fish\StateBought;
use Sectum\Log\Find\Named;
use Sectum\Log\Find\Vocabulary;

/** The names of the house by their ids, as far as whoever asks may ask by them. */
final class KnownNames
{
    /** @var array<string, array<string, string>>|null by kind */
    private ?array $names = null;

    public function __construct(private readonly Person $person)
    {
    }

    public function vocabulary(): Vocabulary
    {
        return new Vocabulary($this->all());
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> names; an id nobody has stands for itself
     */
    public function called(string $kind, array $ids): array
    {
        return array_map(fn (string $id): string => $this->all()[$kind][$id] ?? $id, $ids);
    }

    /** @return array<string, list<array{id: string, name: string}>> what may be chosen from, by kind */
    public function choices(): array
    {
        $choices = [];
        foreach (Named::cases() as $kind) {
            $named = $this->of($kind);
            asort($named);
            $choices[$kind->value] = array_map(
                fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys($named),
                array_values($named),
            );
        }

        return $choices;
    }

    /** @return array<string, string> by id */
    public function of(Named $kind): array
    {
        return $this->all()[$kind->value] ?? [];
    }

    /** "ribs:sweep" as a chef says it. */
    public function answer(string $code): string
    {
        return Methods::answers()[$code] ?? $code;
    }

    /** @return array<string, array<string, string>> */
    private function all(): array
    {
        $this->names ??= [Named::State->value => self::states(), ...$this->named()];

        return $this->names;
    }

    /** @return array<string, string> */
    private static function states(): array
    {
        $states = [];
        foreach (StateBought::cases() as $state) {
            $states[$state->value] = $state === StateBought::Round ? 'whole, ungutted' : $state->value;
        }

        return $states;
    }

    /** @return array<string, array<string, string>> by kind, in one question to the database */
    private function named(): array
    {
        $own = $this->person->role !== Role::HeadChef;
        $people = Person::rows()->selectRaw("'cutter' as kind, id, name")->when(
            $own,
            fn (Builder $people) => $people->where('id', $this->person->id),
        );
        $rows = Species::rows()
            ->selectRaw("'species' as kind, id, name")
            ->unionAll(Supplier::rows()->selectRaw("'supplier' as kind, id, name"))
            ->unionAll(Dish::rows()->selectRaw("'dish' as kind, id, name"))
            ->unionAll($people);
        $names = [];
        foreach (Row::all($rows->get()) as $row) {
            $names[$row->text('kind')][$row->text('id')] = $row->text('name');
        }
        $names[Named::Method->value] = Methods::names();

        return $names;
    }
}
