<?php

declare(strict_types=1);

namespace App\Http;

use App\Refusals\NeedsPassword;
use App\Refusals\NotAllowed;
use App\Refusals\Refusal;
use App\Refusals\Stale;
use App\Refusals\TooOften;
use App\Refusals\Unavailable;
use Core\CoreException;
use Document\Json\BadDocument;
use Document\Json\ShapeFault;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/**
 * One place where refusals become answers. Every error has the same body: a code for programs, a
 * sentence for people, the place it speaks of, and, where there are several, each of them.
 *
 * @phpstan-type ErrorBody array{
 *   error: array{
 *     code: string,
 *     message: string,
 *     path: string,
 *     problems: list<array{path: string, message: string}>,
 *   },
 *   now?: array<string, mixed>,
 * }
 */
final readonly class ErrorResponses
{
    private const DUPLICATE_KEY = 1062;

    private const SIGNALLED = '45000';

    /** Deadlock found; lock wait timeout exceeded. */
    private const BUSY = [1213, 1205];

    /** Cannot connect, connection lost, too many connections, a node apart from the others, shutting down. */
    private const AWAY = [2002, 2003, 2006, 2013, 1040, 1047, 1053, 1927];

    public static function register(Exceptions $exceptions): void
    {
        // The statement goes to the log, not what somebody typed into it.
        $exceptions->report(static function (QueryException $exception): bool {
            if (self::database($exception)->getStatusCode() === 409) {
                return false;
            }
            Log::error('The database refused a statement.', ['sql' => $exception->getSql(), 'code' => $exception->errorInfo[1] ?? $exception->getCode(), 'trace' => $exception->getTraceAsString()]);

            return false;
        });
        $exceptions->dontFlash(['password', 'password_confirmation', 'current_password', 'code', 'token']);
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->dontReport([Refusal::class, Unavailable::class, NeedsPassword::class, TooOften::class, CoreException::class, Stale::class, BadDocument::class]);
        $exceptions->render(static fn (Throwable $exception, Request $request): ?JsonResponse => $request->is('api/*', 'sanctum/*') ? self::of($exception) : null);
    }

    private static function of(Throwable $exception): JsonResponse
    {
        return match (true) {
            $exception instanceof ValidationException => self::invalid($exception),
            $exception instanceof BadDocument => self::document($exception),
            $exception instanceof Stale => self::body(409, 'stale', $exception->getMessage(), '', [], $exception->now),
            $exception instanceof NotAllowed => self::body(403, $exception->errorCode(), $exception->getMessage(), $exception->path()),
            $exception instanceof NeedsPassword => self::body(423, 'confirm-password', $exception->getMessage(), ''),
            $exception instanceof TooOften => self::tooOften($exception),
            $exception instanceof Unavailable => self::body(503, $exception->errorCode(), $exception->getMessage(), ''),
            $exception instanceof Refusal => self::body(422, $exception->errorCode(), $exception->getMessage(), $exception->path(), about: $exception->about()),
            $exception instanceof CoreException => self::body(422, $exception->code(), $exception->getMessage(), $exception->pointer()),
            $exception instanceof AuthenticationException => self::body(401, 'signed-out', 'Sign in first; what you typed is still on the page.', ''),
            $exception instanceof QueryException => self::database($exception),
            $exception instanceof PDOException => self::atCommit($exception),
            $exception instanceof HttpExceptionInterface => self::http($exception),
            default => self::body(500, 'broken', 'Something broke on our side; it was written to the log. Nothing was stored.', ''),
        };
    }

    private static function invalid(ValidationException $exception): JsonResponse
    {
        $problems = [];
        foreach ($exception->errors() as $field => $messages) {
            foreach (is_array($messages) ? $messages : [] as $message) {
                $problems[] = ['path' => '/'.str_replace('.', '/', (string) $field), 'message' => is_string($message) ? $message : ''];
            }
        }

        return self::body(422, 'invalid', $problems[0]['message'] ?? 'Something in the form is not right.', $problems[0]['path'] ?? '', $problems);
    }

    private static function tooOften(TooOften $exception): JsonResponse
    {
        $response = self::body(429, 'too-often', $exception->getMessage(), '');
        $response->headers->set('Retry-After', (string) $exception->seconds);

        return $response;
    }

    private static function document(BadDocument $exception): JsonResponse
    {
        $problems = array_map(static fn (ShapeFault $fault): array => ['path' => $fault->pointer, 'message' => $fault->message], $exception->faults);

        return self::body(422, $exception->faults[0]->code, $exception->getMessage(), $exception->faults[0]->pointer, $problems);
    }

    private static function database(QueryException $exception): JsonResponse
    {
        $info = $exception->errorInfo ?? [];

        return match (true) {
            ($info[1] ?? null) === self::DUPLICATE_KEY => self::body(409, 'duplicate', 'Somebody else stored the same thing at the same time, or it is there already. Open the page again and look.', ''),
            in_array($info[1] ?? null, self::BUSY, true) => self::busy(),
            self::isAway($exception) => self::body(503, 'away', 'The database does not answer for the moment. Nothing was stored; what you typed is still on the page. Try again in a minute.', ''),
            ($info[0] ?? null) === self::SIGNALLED => self::body(409, 'signed', 'This belongs to a signed record, which cannot be changed.', ''),
            default => self::body(500, 'broken', 'Something broke on our side; it was written to the log. Nothing was stored.', ''),
        };
    }

    /** What the database says when a change is committed comes as it is: that another crossed it, or nothing for sure. */
    private static function atCommit(PDOException $exception): JsonResponse
    {
        return in_array($exception->errorInfo[1] ?? null, self::BUSY, true) || $exception->getCode() === '40001'
            ? self::busy()
            : self::body(503, 'away', 'The database went away while this was being stored. Open the page again and look whether it was; then do it again if it was not.', '');
    }

    private static function busy(): JsonResponse
    {
        return self::body(409, 'busy', 'Somebody else was changing the same thing at this moment. Nothing was stored; do it again.', '');
    }

    private static function isAway(QueryException $exception): bool
    {
        $code = $exception->errorInfo[1] ?? $exception->getPrevious()?->getCode();

        return is_numeric($code) && in_array((int) $code, self::AWAY, true);
    }

    private static function http(HttpExceptionInterface $exception): JsonResponse
    {
        $status = $exception->getStatusCode();
        [$code, $message] = match ($status) {
            400 => ['unreadable-address', 'This address cannot be read.'],
            403 => ['not-allowed', 'This is not yours to do; the lead can.'],
            404 => ['not-found', 'There is no such thing here.'],
            405 => ['wrong-method', 'This address does not take that.'],
            413 => ['too-large', 'That is too large; 8 MB is the most.'],
            419 => ['page-expired', 'This page was open for a long time. Load it again and repeat the last step.'],
            503 => ['away', 'The application does not answer for the moment. Try again in a minute.'],
            429 => ['too-often', 'That was tried too often. Wait a minute.'],
            default => ['refused', 'That cannot be done.'],
        };

        return self::body($status, $code, $message, '');
    }

    /**
     * @param  list<array{path: string, message: string}>  $problems
     * @param  array<array-key, mixed>|null  $now
     */
    private static function body(int $status, string $code, string $message, string $path, array $problems = [], ?array $now = null, string $about = ''): JsonResponse
    {
        $body = ['error' => ['code' => $code, 'message' => $message, 'path' => $path, 'problems' => $problems, ...($about === '' ? [] : ['about' => $about])]];

        return new JsonResponse($now === null ? $body : [...$body, 'now' => $now], $status);
    }
}
