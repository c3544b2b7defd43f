<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Document;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Contract\Schema;
use Closure;

/** The computations that can be called from outside, by name. */
final readonly class Registry
{
    /** @var array<string, Computation> */
    private array $computations;

    public function __construct(Computation ...$computations)
    {
        $named = [];
        foreach ($computations as $computation) {
            $named[$computation::name()] = $computation;
        }
        $this->computations = $named;
    }

    /** @return list<class-string<Computation>> every one that lies beside this file */
    public static function classes(): array
    {
        $classes = [];
        foreach ((array) glob(__DIR__.'/?*Computation.php') as $file) {
            $class = __NAMESPACE__.'\\'.basename((string) $file, '.php');
            if (is_subclass_of($class, Computation::class)) {
                $classes[] = $class;
            }
        }

        return $classes;
    }

    /**
     * @param  Closure(float): void|null  $progress  told how much is done, 0 to 1, by what takes long
     * @return Answer
     *
     * @throws Fault when there is no such computation or the request does not fit its schema
     */
    public function compute(string $name, string $json, ?Closure $progress = null): array
    {
        $computation = $this->called($name);
        $request = $this->judge($name, $json);

        return $computation instanceof Gradual && $progress !== null
            ? $computation->answerWith($request, $progress)
            : $computation->answer($request);
    }

    /** @throws Fault when there is no such computation or the request does not fit its schema */
    public function judge(string $name, string $json): Fields
    {
        $this->called($name);

        return Document::read($json, new Schema("compute/{$name}"));
    }

    private function called(string $name): Computation
    {
        return $this->computations[$name] ??
            throw Fault::notThere(
                "There is no computation \"{$name}\"; there are ".
                    implode(', ', array_keys($this->computations)).
                    '.',
            );
    }
}
