<?php

declare(strict_types=1);

namespace App\BreakDown\Method;

use App\Catalogue\Methods;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\SkillGate;
use App\Fish\StepTime;
use App\Fish\WeightsChanged;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\Method\Answered;
use Sectum\BreakDown\Method\Method;
use Sectum\Message;

/** The method a fish is cut by, and how its questions are answered; and how far the cutter says to be. */
final readonly class ChooseMethod
{
    public function __construct(private ClockInterface $clock, private SkillGate $gate)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            $fish = Fish::onTheBench($id);
            $fish->mustBeOpen();
            $fish->mustBeAt($fields->int('version'));
            $code = $fields->maybeString('method');
            if ($code === null) {
                $fish->fill(['method' => null, 'choices' => [], 'steps_said' => 0, 'begun_at' => null]);
                $fish->changed();

                return;
            }
            $method = Methods::of($code);
            if (
                $method === null ||
                $method->form !== $fish->species->form ||
                ! Methods::suits($code, $fish->state)
            ) {
                throw Fault::inField('/method', "{$fish->species->name} is not cut that way.");
            }
            $begun = $fish->method !== $code;
            $choices = self::answers($fish, $method, $fields, $begun ? $this->presets($method, $person) : []);
            $fish->fill([
                'method' => $code,
                'choices' => $choices,
                ...$begun ? ['steps_said' => 0, 'begun_at' => Moment::written($this->clock->now())] : [],
            ]);
            $fish->changed();
            event(new WeightsChanged($fish));
            if ($begun) {
                History::that("{$person->name} cuts it as: {$method->name}.", $fish, $person);
            }
            $fish->staysOnTheBench();
        });
    }

    /**
     * The answers as they stand together. With the question that was just asked, the others give way to it; without it,
     * two that make no sense together are refused.
     *
     * @param  array<string, string>  $presets  for who learns, where nothing was chosen
     * @return array<string, string>
     */
    private static function answers(Fish $fish, Method $method, Fields $fields, array $presets): array
    {
        $given = [...$presets, ...$fields->fields('choices')->texts()];
        $asked = $fields->maybeString('asked');
        $answered = Fault::within(
            '',
            fn (): Answered => $method->answered($given, HowCut::facts($fish, $method), $asked),
        );
        foreach ($answered->moved as $question => $why) {
            if ($asked === null || $asked === $question) {
                throw Fault::inField("/choices/{$question}", Words::ofReader()->say(new Message($why->reason)));
            }
        }

        return $answered->chosen;
    }

    /** @return array<string, string> where the method asks it, and has that answer */
    private function presets(Method $method, Person $person): array
    {
        return array_filter(
            $this->gate->presets($person),
            fn (string $option, string $question): bool => ($method->questions[$question] ?? null)?->option($option)
                !== null,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** That many steps are done, from the first; may go back too. */
    public function said(string $id, int $done, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $done, $person): void {
            $fish = Fish::onTheBench($id);
            $fish->mustBeOpen();
            if ($fish->method === null) {
                throw Fault::inField('/done', 'Choose first how it is cut.');
            }
            if ($fish->steps_said !== $done) {
                StepTime::rows()->insert([
                    'fish_id' => $fish->id,
                    'step' => $done,
                    'said_by' => $person->id,
                    'said_at' => Moment::written($this->clock->now()),
                ]);
                $fish->steps_said = $done;
                $fish->changed();
            }
            $fish->staysOnTheBench();
        });
    }
}
