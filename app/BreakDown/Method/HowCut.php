<?php

declare(strict_types=1);

namespace App\BreakDown\Method;

use App\Catalogue\Methods;
use App\Fish\Fish;
use Sectum\BreakDown\Method\Answered;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Option;
use Sectum\BreakDown\Method\Question;
use Sectum\BreakDown\Method\Step;

/** How one fish is cut: its method, the answers that hold for it, and the steps they ask for. */
final readonly class HowCut
{
    /** @param  list<Step>  $steps */
    private function __construct(public Method $method, public Answered $answered, public array $steps)
    {
    }

    /** Null while nobody chose a method. */
    public static function of(Fish $fish): ?self
    {
        $method = $fish->method === null ? null : Methods::of($fish->method);
        if ($method === null) {
            return null;
        }
        $answered = $method->answered(self::known($fish->choices, $method), self::facts($fish, $method));

        return new self($method, $answered, $method->stepsFor($answered, $fish->state));
    }

    /**
     * An answer of an older catalogue that is none any more gives way to the usual one.
     *
     * @param  array<string, string>  $choices
     * @return array<string, string>
     */
    public static function known(array $choices, Method $method): array
    {
        return array_filter(
            $choices,
            fn (string $option, string $question): bool => ($method->questions[$question] ?? null)?->option($option)
                !== null,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return list<array{Question, Option}> each question that is asked, with its answer */
    public function answers(): array
    {
        $answers = [];
        foreach ($this->answered->chosen as $code => $chosen) {
            $option = $this->method->questions[$code]->option($chosen);
            if ($option !== null) {
                $answers[] = [$this->method->questions[$code], $option];
            }
        }

        return $answers;
    }

    /** @return array<string, string> what is so of a fish without being asked, as the exclusions name it */
    public static function facts(Fish $fish, Method $method): array
    {
        return [
            'method' => Methods::shipped($method->code),
            'state' => $fish->state->value,
            'scales-of' => $fish->species->scales->value,
            'pin-row' => $fish->species->pin_row->value,
        ];
    }
}
