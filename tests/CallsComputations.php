<?php

declare(strict_types=1);

namespace Tests;

use Symfony\Component\Process\Process;

/** A computation asked by the filter and over HTTP. */
trait CallsComputations
{
    /**
     * @param  array<string, mixed>  $request
     * @param  array<string, int|float|string|bool|null>  $figures  by the dotted key of the answer
     */
    protected function assertWorked(string $name, array $request, array $figures): void
    {
        $sent = json_encode($request, JSON_THROW_ON_ERROR);
        $process = new Process(['php', 'artisan', 'sectum:compute', $name], base_path(), null, $sent);
        $process->run();
        $this->kitchen();
        $answers = [
            json_decode($process->getOutput(), true),
            $this->api('POST', "/compute/{$name}", $request)->assertOk()->json(),
        ];
        foreach ($answers as $answer) {
            foreach ($figures as $key => $figure) {
                is_float($figure) || is_int($figure)
                    ? self::assertEqualsWithDelta($figure, data_get($answer, $key), 0.005, $key)
                    : self::assertSame($figure, data_get($answer, $key), $key);
            }
        }
    }

    /** @param  array<string, mixed>  $request */
    protected function assertRefusedAt(string $pointer, string $name, array $request): void
    {
        $this->kitchen();
        $this->api('POST', "/compute/{$name}", $request)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', $pointer);
    }
}
