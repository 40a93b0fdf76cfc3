<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api\Description;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;
use TinLantern\Platform\Api\Answers;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Api\OpenToAll;
use TinLantern\Platform\Api\ReceivesFile;
use TinLantern\Platform\Api\SameOrigin;

/**
 * The description of the API (OpenAPI 3.1), made from the routes, the types of their controllers and the constraints of their
 * requests. Nothing is written twice, so nothing can differ.
 */
final readonly class ApiDescription
{
    public function __construct(private RouterInterface $router)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $schemas = new Schemas(TypeResolver::create());
        $paths = [];
        foreach ($this->routes() as $route) {
            [$class, $method] = explode('::', self::text($route->getDefault('_controller')));
            $operation = $this->operation(new \ReflectionMethod($class, $method), $route, $schemas);
            foreach ($route->getMethods() as $verb) {
                $paths[$route->getPath()][strtolower($verb)] = $operation;
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Tin Lantern',
                'version' => '1',
                'description' => 'Everything the interface does, it does through this API. Times are ISO 8601 with offset. Whatever changes something needs the header '
                    .SameOrigin::HEADER.' and, where a request has an id, a UUID of the sender\'s making: sent twice, it is done once and answered the same.',
            ],
            'paths' => $paths,
            'components' => [
                'schemas' => $schemas->all() + ['Problem' => self::problem()],
                'securitySchemes' => ['signIn' => ['type' => 'apiKey', 'in' => 'cookie', 'name' => 'tin_lantern']],
            ],
        ];
    }

    /** @return iterable<Route> */
    public function routes(): iterable
    {
        foreach ($this->router->getRouteCollection() as $route) {
            if (str_starts_with($route->getPath(), '/api/') && str_starts_with(self::text($route->getDefault('_controller')), 'TinLantern\\')) {
                yield $route;
            }
        }
    }

    /** @return array<string, mixed> */
    private function operation(\ReflectionMethod $method, Route $route, Schemas $schemas): array
    {
        $needs = $method->getAttributes(Needs::class)[0] ?? null;
        $isOpen = [] !== $method->getAttributes(OpenToAll::class);
        $path = explode('\\', $method->class);
        $operation = [
            'operationId' => lcfirst(str_replace('Controller', '', $path[\count($path) - 1])).ucfirst($method->name),
            'tags' => [$path[1]],
            'summary' => self::summary($method),
            'parameters' => [...$this->pathParameters($route), ...$this->queryParameters($method, $schemas)],
            'responses' => [],
        ];
        if (null !== $needs) {
            $operation['x-permission'] = $needs->newInstance()->permission->value;
        }
        if (!$isOpen) {
            $operation['security'] = [['signIn' => []]];
        }
        foreach ($method->getParameters() as $parameter) {
            if ([] !== $parameter->getAttributes(MapRequestPayload::class)) {
                $operation['requestBody'] = ['required' => true, 'content' => ['application/json' => ['schema' => $schemas->ofClass(self::className($parameter), true)]]];
            }
        }
        if ([] !== $method->getAttributes(ReceivesFile::class)) {
            $operation['requestBody'] = ['required' => true, 'content' => ['application/octet-stream' => ['schema' => ['type' => 'string', 'format' => 'binary']]]];
        }
        $operation['responses'] = $this->responses($method, $schemas, $isOpen);

        return $operation;
    }

    /** @return array<int|string, mixed> */
    private function responses(\ReflectionMethod $method, Schemas $schemas, bool $isOpen): array
    {
        $answers = $method->getAttributes(Answers::class)[0] ?? null;
        $schema = match (true) {
            null !== $answers => $schemas->ofClass($answers->newInstance()->view, false),
            is_a((string) $method->getReturnType(), Response::class, true), 'void' === (string) $method->getReturnType() => null,
            default => $schemas->ofReturn($method),
        };
        $problem = ['description' => 'A problem, as RFC 9457 has it', 'content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]]];

        if (StreamedResponse::class === (string) $method->getReturnType()) {
            return ['200' => ['description' => 'A file', 'content' => ['application/octet-stream' => ['schema' => ['type' => 'string', 'format' => 'binary']]]], '401' => $problem, '403' => $problem, 'default' => $problem];
        }

        return (null === $schema
            ? ['204' => ['description' => 'Done']]
            : ['200' => ['description' => 'Done', 'content' => ['application/json' => ['schema' => $schema]]]])
            + ($isOpen ? [] : ['401' => $problem, '403' => $problem])
            + ['default' => $problem];
    }

    /** @return list<array<string, mixed>> */
    private function pathParameters(Route $route): array
    {
        /** @var list<string> $names */
        $names = $route->compile()->getPathVariables();

        return array_map(static fn (string $name): array => [
            'name' => $name,
            'in' => 'path',
            'required' => true,
            'schema' => str_starts_with(self::text($route->getRequirement($name)), '\d') ? ['type' => 'integer'] : ['type' => 'string'],
        ], $names);
    }

    /** @return list<array<string, mixed>> */
    private function queryParameters(\ReflectionMethod $method, Schemas $schemas): array
    {
        $parameters = [];
        foreach ($method->getParameters() as $parameter) {
            if ([] !== $parameter->getAttributes(MapQueryParameter::class)) {
                $parameters[] = ['name' => $parameter->name, 'in' => 'query', 'required' => !$parameter->isOptional(), 'schema' => $schemas->ofParameter($parameter)];
            }
            if ([] !== $parameter->getAttributes(MapQueryString::class)) {
                foreach ($schemas->properties(self::className($parameter), true) as $name => $schema) {
                    $parameters[] = ['name' => $name, 'in' => 'query', 'schema' => $schema] + ('object' === ($schema['type'] ?? null) ? ['style' => 'deepObject', 'explode' => true] : []);
                }
            }
        }

        return $parameters;
    }

    /** @return class-string */
    private static function className(\ReflectionParameter $parameter): string
    {
        $name = ltrim((string) $parameter->getType(), '?');

        return class_exists($name) ? $name : throw new \LogicException("{$name} is no class.");
    }

    private static function summary(\ReflectionMethod $method): string
    {
        $lines = preg_grep('/^\s*\*\s+[^@\s]/', explode("\n", str_replace('/**', '*', (string) $method->getDocComment())));
        /** @var list<string> $said */
        $said = false === $lines ? [] : array_values($lines);
        $text = implode(' ', array_map(static fn (string $line): string => trim($line, "* \t/"), $said));

        return rtrim($text, '.');
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }

    /** @return array<string, mixed> */
    private static function problem(): array
    {
        $violation = ['type' => 'object', 'required' => ['field', 'sentence'], 'properties' => ['field' => ['type' => 'string'], 'sentence' => ['type' => 'string']]];

        return [
            'type' => 'object',
            'required' => ['type', 'title', 'status', 'code', 'detail'],
            'properties' => [
                'type' => ['type' => 'string'],
                'title' => ['type' => 'string'],
                'status' => ['type' => 'integer'],
                'code' => ['type' => 'string'],
                'detail' => ['type' => 'string', 'description' => 'One clear sentence for a person.'],
                'violations' => ['type' => 'array', 'items' => $violation],
                'reasons' => ['type' => 'array', 'items' => ['$ref' => '#/components/schemas/ReasonView']],
                'duplicates' => ['type' => 'array', 'items' => ['$ref' => '#/components/schemas/DuplicateView']],
                'canOverride' => ['type' => 'boolean'],
                'current' => ['type' => 'object', 'description' => 'How it is now, when a save began from an older version.'],
                'permission' => ['type' => 'string'],
            ],
        ];
    }
}
