<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\ProblemDocument;
use Illuminate\Console\Command;
use Sectum\Refusal;

/** The computations as a Unix filter: a request on standard input, the answer on standard output. */
final class ComputeCommand extends Command
{
    protected $signature = 'sectum:compute {name : which computation}';

    protected $description = 'Reads a JSON request from standard input and writes the answer; bad input ends '.
        'with 2 and a problem on standard error';

    public function handle(Registry $registry): int
    {
        $name = $this->argument('name');
        try {
            $answer = $registry->compute(is_string($name) ? $name : '', (string) stream_get_contents(STDIN));
        } catch (Fault|Refusal $e) {
            fwrite(STDERR, self::json(ProblemDocument::of($e)->members()));

            return self::INVALID;
        }
        fwrite(STDOUT, self::json($answer));

        return self::SUCCESS;
    }

    /** @param  array<string, mixed>  $members */
    private static function json(array $members): string
    {
        return json_encode(
            $members,
            JSON_THROW_ON_ERROR |
                JSON_PRETTY_PRINT |
                JSON_UNESCAPED_UNICODE |
                JSON_UNESCAPED_SLASHES |
                JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }
}
