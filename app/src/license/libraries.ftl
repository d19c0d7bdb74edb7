<#-- One list of what ships, as the front end reads it. -->
[<#list dependencyMap as each>
{"name": "${each.getKey().groupId}:${each.getKey().artifactId}", "version": "${each.getKey().version}", "licence": "<#list each.getValue() as licence>${licence?json_string}<#sep>, </#list>"}<#sep>,</#list>
]
