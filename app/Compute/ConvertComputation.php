<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;
use Sectum\Measure\UnitSystem;

/** `convert`: a weight as typed, in milligrams and in every unit, exactly. */
final readonly class ConvertComputation implements Computation
{
    public static function name(): string
    {
        return 'convert';
    }

    public function answer(Fields $request): array
    {
        $mass = Fault::at(
            '/entry',
            fn (): Mass => Mass::parse(
                $request->string('entry'),
                UnitSystem::from($request->maybeString('units') ?? UnitSystem::Metric->value),
            ),
        );
        $written = [];
        foreach (MassUnit::cases() as $unit) {
            $written[$unit->value] = $mass->exact($unit);
        }

        return ['mass_mg' => $mass->milligrams, 'written' => $written];
    }
}
