<?php

declare(strict_types=1);

namespace Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The floors and rooms: what may stand on what. */
final class Architecture
{
    /**
     * The stages, by the folder they have on every floor, each standing on those before it. Plan asks Hold and Cost.
     */
    private const STAGES = ['Receive', 'BreakDown', 'Portion', 'Route', 'Hold', 'Cost', 'Plan', 'Log', 'Practise'];

    #[TestRule]
    public function coreStandsAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Sectum'))
            ->excluding(Selector::inNamespace('Sectum\Tests'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Sectum'),
                Selector::inNamespace('Brick\Math'),
                Selector::inNamespace('Psr'),
            )
            ->because('the rules and the arithmetic use no framework');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function noStageUsesALaterOne(): iterable
    {
        foreach (['App', 'Sectum'] as $floor) {
            foreach (self::STAGES as $i => $stage) {
                $later = array_slice(self::STAGES, $i + 1);
                if ($later !== []) {
                    yield PHPat::rule()
                        ->classes(Selector::inNamespace("{$floor}\\{$stage}"))
                        ->shouldNotDependOn()
                        ->classes(
                            ...array_map(fn (string $name) => Selector::inNamespace("{$floor}\\{$name}"), $later),
                        )
                        ->because('work flows one way');
                }
            }
        }
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function groundRoomsUseNoStage(): iterable
    {
        foreach (
            [
                'App\Kitchen',
                'App\Catalogue',
                'App\Fish',
                'App\Devices',
                'App\Contract',
                'Sectum\Measure',
                'Sectum\Math',
                'Sectum\Fish',
                'Sectum\Gs1',
            ] as $room
        ) {
            yield PHPat::rule()
                ->classes(Selector::inNamespace($room))
                ->shouldNotDependOn()
                ->classes(
                    ...array_map(
                        fn (string $name) => Selector::inNamespace(strtok($room, '\\')."\\{$name}"),
                        self::STAGES,
                    ),
                )
                ->because('every stage stands on these');
        }
    }
}
