<?php

declare(strict_types=1);

namespace App\BreakDown\Method;

use App\Catalogue\CatalogueChoice;
use App\Catalogue\CatalogueMethod;
use App\Catalogue\CatalogueStep;
use App\Catalogue\Methods;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Database\Row;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Sectum\BreakDown\Method\Condition;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\StepPart;
use Sectum\Fish\BodyForm;

/** The house's own way: a shipped method copied and changed. What was shipped stays as it is. */
final readonly class StoreMethod
{
    public function __invoke(string $code, Fields $fields, Person $person): void
    {
        $person->mustBeHeadChef('The head chef edits the house\'s own methods.');
        DB::connection()->transaction(function () use ($code, $fields): void {
            $from =
                Row::maybe(CatalogueMethod::rows()->where('method', $fields->string('from'))->first()) ??
                throw Fault::inField('/from', 'There is no such method to copy.');
            $known = Row::maybe(CatalogueMethod::rows()->where('method', $code)->first());
            if ($known !== null && $known->text('copied_from') === '') {
                throw Fault::conflict('A default method is not changed: copy it first.');
            }
            $version = (int) ($known?->number('version') ?? 0);
            Fault::unlessLatest('this method', $fields->int('version'), $version);
            $steps = self::steps($code, $fields->list('steps'), BodyForm::from($from->text('form')));
            Fault::within('', fn () => self::asMethod($from, $steps)->mustBeCuttable([
                'method' => Methods::shipped($from->text('method')),
            ]));
            CatalogueMethod::rows()->updateOrInsert(
                ['method' => $code],
                [
                    'name' => trim($fields->string('name')),
                    'form' => $from->text('form'),
                    'not_for' => $from->text('not_for'),
                    'why' => $fields->maybeString('why') ?? $from->text('why'),
                    'source' => 'house',
                    'copied_from' => $fields->string('from'),
                    'version' => $version + 1,
                ],
            );
            CatalogueStep::rows()->where('method', $code)->delete();
            CatalogueStep::rows()->insert($steps);
            if ($known === null) {
                $copied = CatalogueChoice::rows()->where('method', $fields->string('from'))->orderBy('rowid');
                foreach ($copied->get() as $choice) {
                    CatalogueChoice::rows()->insert([...(array) $choice, 'method' => $code]);
                }
            }
        });
    }

    /**
     * What was written, as the core sees it: with the questions of the method it is copied from.
     *
     * @param  list<array<string, string|int|float>>  $steps
     */
    private static function asMethod(Row $from, array $steps): Method
    {
        $shipped = Methods::of($from->text('method'));

        return new Method(
            $from->text('method'),
            $from->text('name'),
            BodyForm::from($from->text('form')),
            '',
            Methods::steps(array_map(fn (array $row): Row => Row::of((object) $row), $steps)),
            $shipped->questions ?? [],
            $shipped->exclusions ?? [],
            Methods::orders(),
        );
    }

    /**
     * @param  list<Fields>  $given
     * @return list<array<string, string|int|float>>
     */
    private static function steps(string $code, array $given, BodyForm $form): array
    {
        $steps = [];
        foreach ($given as $i => $step) {
            $parts = trim($step->maybeString('parts') ?? '');
            Fault::at("/steps/{$i}/choices", fn () => Condition::parse($step->maybeString('choices') ?? ''));
            foreach (StepPart::listed($parts) as $part) {
                $parsed = Fault::at("/steps/{$i}/parts", fn (): StepPart => StepPart::parse($part));
                if (! in_array($parsed->part, $form->parts(), true)) {
                    throw Fault::inField(
                        "/steps/{$i}/parts",
                        "{$parsed->part->spoken()} does not come off a fish built like this.",
                    );
                }
            }
            $steps[] = [
                'method' => $code,
                'step' => $i + 1,
                'action' => $step->maybeString('action') ?? '',
                'choices' => $step->maybeString('choices') ?? '',
                'doing' => trim($step->string('doing')),
                'why' => $step->maybeString('why') ?? '',
                'parts' => $parts,
                'place' => $step->maybeString('place') ?? '',
                'tools' => $step->maybeString('tools') ?? '',
                'caution' => $step->maybeString('caution') ?? '',
                'inspect' => $step->maybeString('inspect') ?? '',
                'cue' => $step->maybeString('cue') ?? '',
                'mistake' => $step->maybeString('mistake') ?? '',
                'mistake_costs' => $step->maybeString('mistake_costs') ?? '',
                'drawing' => $step->maybeString('drawing') ?? '',
                'seconds' => $step->number('seconds', 30),
                'seconds_per_kg' => $step->number('seconds_per_kg', 20),
                'source' => 'house',
            ];
        }

        return $steps;
    }
}
