<?php

declare(strict_types=1);

namespace App\Kitchen\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use SensitiveParameter;

/**
 * Opens the kitchen's file with transactions that take their lock at the start.
 *
 * A process that answers one request after the other keeps it open between them: opening it and reading its scheme was
 * a fifth of a reading's time, and whoever closed it last wrote the whole log of changes back.
 */
final class ImmediateConnector extends SQLiteConnector
{
    private const ANSWER_REQUESTS = ['fpm-fcgi', 'cli-server'];

    /**
     * @param  string  $dsn
     * @param  string  $username
     * @param  string  $password
     * @param  array<array-key, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): PDO
    {
        $file = self::answersRequests() ? @stat(substr($dsn, strlen('sqlite:'))) : false;
        if ($file === false) {
            return new ImmediatePdo($dsn, null, null, $options);
        }
        // Known by the file itself and not by its name: another may be put in its place.
        $options[PDO::ATTR_PERSISTENT] = "kitchen {$file['dev']} {$file['ino']}";
        $pdo = new ImmediatePdo($dsn, null, null, $options);
        // What a request began and did not end, it did not do.
        $pdo->abandon();
        register_shutdown_function($pdo->abandon(...));

        return $pdo;
    }

    /** Whether this process answers one request after the other. */
    public static function answersRequests(): bool
    {
        return in_array(PHP_SAPI, self::ANSWER_REQUESTS, true);
    }
}
