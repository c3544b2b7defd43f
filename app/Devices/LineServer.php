<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** A stand-in device on the loopback address: one JSON object a line in, one a line out. */
final readonly class LineServer
{
    private const MOST_CLIENTS = 32;

    /**
     * Listens until it is ended.
     *
     * @param  callable(array<array-key, mixed>, float): array<string, mixed>  $answer  to one line, at a moment in seconds that never goes back
     */
    public static function run(string $address, callable $answer): never
    {
        $server = stream_socket_server($address, $code, $message);
        if ($server === false) {
            throw new RuntimeException("The device cannot listen at {$address}: {$message}");
        }
        $clients = [];
        while (true) {
            $ready = [$server, ...array_values($clients)];
            $none = null;
            if (stream_select($ready, $none, $none, null) === false) {
                exit(0);
            }
            foreach ($ready as $socket) {
                if ($socket === $server) {
                    $client = stream_socket_accept($server, 0);
                    if ($client !== false && count($clients) < self::MOST_CLIENTS) {
                        $clients[(int) $client] = $client;
                    }
                } elseif (($line = fgets($socket, 4096)) === false) {
                    unset($clients[(int) $socket]);
                    fclose($socket);
                } else {
                    $words = json_decode($line, true, 4);
                    fwrite($socket, json_encode($answer(is_array($words) ? $words : [], hrtime(true) / 1e9), JSON_THROW_ON_ERROR)."\n");
                }
            }
        }
    }
}
